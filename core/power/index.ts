export * from './powerBudget';
export { enough, smallestGauge, smallestGaugeAnew } from './smallestGauge';
export { batteryCurve, type BatteryPoint } from './batteryCurve';
export { siteSupplies, type SiteSupply } from './siteSupplies';
