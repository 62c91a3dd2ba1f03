export { MixedByDraft } from './MixedBy';
export { MixesPage } from './MixesPage';
