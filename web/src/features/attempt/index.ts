export { AttemptPage } from './AttemptPage';
export { madeField, partsOf, seenOf, standing } from './fields';
export { attemptQuery } from './queries';
