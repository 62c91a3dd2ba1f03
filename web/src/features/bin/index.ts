export { BinPage } from './BinPage';
