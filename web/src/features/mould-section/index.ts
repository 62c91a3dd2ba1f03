export { MouldSection } from './MouldSection';
