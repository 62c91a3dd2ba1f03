export { MouldedOf, MouldedOfDraft } from './MouldedOf';
export { PatternPage } from './PatternPage';
export { PatternShelf } from './PatternShelf';
export { PatternsWanting } from './PatternsWanting';
