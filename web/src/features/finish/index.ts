export { FinishPage } from './FinishPage';
