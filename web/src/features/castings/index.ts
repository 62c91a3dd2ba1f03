export { CastingPage } from './CastingPage';
export { CastingsPage } from './CastingsPage';
export { NewCasting } from './NewCasting';
export { castingQuery, castingsQuery } from './queries';
