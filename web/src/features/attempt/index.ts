export { AttemptPage } from './AttemptPage';
export { attemptQuery } from './queries';
