export { eventsOf, type OrderEvent } from './events';
export { exploreOrders, type Bounds, type BrokenPromise, type OrdersReport } from './explore';
export { eventsIn, storyActs } from './storyActs';
export { PROMISES, type PromiseId } from './promises/index';
