export { DefectDrawing } from './DefectDrawing';
export { FindingForm } from './FindingForm';
