export { busesOf, busMap, dipOf, portOf, type BusMap, type BusMember } from './busMap';
export { wireBus, type BusWiring } from './wireBus';
