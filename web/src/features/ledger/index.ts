export { LedgerPage } from './LedgerPage';
