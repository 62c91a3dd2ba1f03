export { Book } from './Book';
export { Cell, EntryForm, EntryFrame } from './EntryFrame';
export { columnOf } from './model';
export { OfTheShelf, OfTheShelfDraft, useNamed } from './OfTheShelf';
export { ThingForm } from './ThingForm';
export { useEntry } from './useEntry';
