export { FreshPlanPage, PlanPage } from './PlanPage';
