export { ChangeSheetPage } from './ChangeSheetPage';
