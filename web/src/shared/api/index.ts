export {
  DEFECT_CODES,
  MOVEMENTS,
  PLAN_STEPS,
  SHAPES,
  SIEVES,
  SIZES,
  SITS,
  STARTERS,
  TARIFFS,
  THINGS,
  VOLUME_WAYS,
  type Column,
  type DefectCode,
  type FieldKey,
} from './codes.gen';
export { answered, api, csrfToken, rememberToken, sendFile } from './client';
export { defectWords, handbookQuery, useHandbook, wordsFor } from './handbook';
export { fieldMessages, ProblemError, readProblem, type Problem } from './problem';
export { sessionQuery } from './session';
export type * from './types';
export { forgetAnswers } from './answers';
