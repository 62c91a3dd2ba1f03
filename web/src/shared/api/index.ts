export { answered, api, csrfToken, rememberToken } from './client';
export { defectWords, handbookQuery, useHandbook, wordsFor } from './handbook';
export { fieldMessages, ProblemError, readProblem } from './problem';
export { keepSaved } from './saved';
export { sessionQuery } from './session';
export type * from './types';
