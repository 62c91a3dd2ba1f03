export { DefectDrawing } from './DefectDrawing';
export { FindingForm } from './FindingForm';
export { SoundPegs } from './SoundPegs';
