export { MixedBy, MixedByDraft } from './MixedBy';
export { MixesPage } from './MixesPage';
