export { AttemptPage } from './AttemptPage';
export { entryOfAttempt } from './model';
export { attemptQuery } from './queries';
