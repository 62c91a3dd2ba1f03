export { MeltCurveLink } from './MeltCurveLink';
export { MeltCurvePage } from './MeltCurvePage';
