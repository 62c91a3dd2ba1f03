export { Cell, EntryForm, EntryFrame } from './EntryFrame';
export { columnOf } from './model';
export { ThingForm } from './ThingForm';
export { useEntry } from './useEntry';
