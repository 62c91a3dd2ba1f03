export { HistoryList } from './HistoryList';
export { RecordTools } from './RecordTools';
