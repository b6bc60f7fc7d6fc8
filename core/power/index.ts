export * from './powerBudget';
export { enough, smallestGauge } from './smallestGauge';
