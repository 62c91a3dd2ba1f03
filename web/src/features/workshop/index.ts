export { WorkshopPage } from './WorkshopPage';
