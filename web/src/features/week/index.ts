export { WeekNow } from './WeekNow';
export { WeekPage } from './WeekPage';
