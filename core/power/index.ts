export * from './powerBudget';
export { enough, smallestGauge } from './smallestGauge';
export { batteryCurve, type BatteryPoint } from './batteryCurve';
