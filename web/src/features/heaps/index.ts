export { HeapPage } from './HeapPage';
export { HeapShelf } from './HeapShelf';
export { SandToMend } from './SandToMend';
export { MouldOf, MouldOfDraft } from './MouldOf';
