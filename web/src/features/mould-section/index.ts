export { FromAbove } from './FromAbove';
export { MouldSection } from './MouldSection';
