export { Repeats } from './Repeats';
