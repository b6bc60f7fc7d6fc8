export * from './plan';
export * from './edit';
export { applyEdit, hasTerminal, type EditResult } from './applyEdit';
export * from './scope';
export * from './wireLine';
export * from './types';
export * from './colourScheme';
export { applyDelta, planDelta, type PlanDelta } from './planDelta';
