export { PourDayPage } from './PourDayPage';
