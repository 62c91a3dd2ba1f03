export { WaysPage } from './WaysPage';
