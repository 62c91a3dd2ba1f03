export { WhyPage } from './WhyPage';
