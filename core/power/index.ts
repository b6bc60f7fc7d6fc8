export * from './powerBudget';
export { smallestGauge, smallestGaugeAnew } from './smallestGauge';
export { batteryCurve, type BatteryPoint } from './batteryCurve';
export { siteSupplies, type SiteSupply } from './siteSupplies';
