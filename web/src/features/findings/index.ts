export { DefectDrawing } from './DefectDrawing';
export { drawings } from './drawings';
export { FindingForm } from './FindingForm';
