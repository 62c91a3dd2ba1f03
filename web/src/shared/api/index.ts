export { DEFECT_CODES, PLAN_STEPS, SHAPES, SITS, STARTERS, TARIFFS, VOLUME_WAYS, type DefectCode, type FieldKey } from './codes.gen';
export { answered, api, csrfToken, rememberToken, sendFile } from './client';
export { defectWords, handbookQuery, useHandbook, wordsFor } from './handbook';
export { fieldMessages, ProblemError, readProblem, type Problem } from './problem';
export { sessionQuery } from './session';
export type * from './types';
export { forgetAnswers } from './answers';
