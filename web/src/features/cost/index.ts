export { CostPage } from './CostPage';
export { CastingCost } from './GoodCost';
