export { HandbookPage } from './HandbookPage';
