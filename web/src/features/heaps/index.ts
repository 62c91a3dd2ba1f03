export { HeapPage } from './HeapPage';
export { HeapShelf } from './HeapShelf';
export { MouldOf, MouldOfDraft } from './MouldOf';
