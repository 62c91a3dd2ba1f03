export { answered, api, rememberToken } from './client';
export { defectWords, handbookQuery, useHandbook, wordsFor } from './handbook';
export { fieldMessages, ProblemError } from './problem';
export { sessionQuery } from './session';
export type * from './types';
