export { FromAbove } from './FromAbove';
export { LayerLegend } from './LaidOver';
export { MouldSection } from './MouldSection';
