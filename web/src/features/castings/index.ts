export { CastingPage } from './CastingPage';
export { CastingsPage } from './CastingsPage';
export { NewCasting } from './NewCasting';
export { castingsQuery } from './queries';
