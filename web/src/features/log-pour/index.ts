export { LogPourPage } from './LogPourPage';
