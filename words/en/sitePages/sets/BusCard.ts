import { messages } from '../../../messages';

export const say = messages({
  layTheBus: 'wire the bus',
  set: (tag: string) => `set ${tag}`,
  busOf: (tag: string) => `Bus of ${tag}`,
  rs485BusOf: (tag: string) => `RS-485 bus of ${tag}`,
  of: (formatLength: string, formatLength2: string) => `${formatLength} of ${formatLength2}`,
  ofUnitLoads: (unitLoads: number, limitUnitLoads: number) => `${unitLoads} of ${limitUnitLoads} unit loads`,
  forksAt: (forks: string) => `, forks at ${forks}`,
  notOnTheBus: (loose: string) => `${loose} not on the bus.`,
  layThemEnd: 'Add them at the end',
  address: 'address',
  addressOf: (name: string) => `Address of ${name}`,
  takenTwice: ' taken twice',
  terminatorOf: (name: string) => `Terminator of ${name}`,
  belongsEndLine: 'belongs on: an end of the line',
  belongsOffNotAnEnd: 'belongs off: not an end',
  atTheEnd: 'at the end',
  bCrossedWayHere: 'A and B are crossed on the way here',
  onlyOneWireArrives: 'only one wire arrives',
  earlier: (name: string) => `${name} earlier`,
  later: (name: string) => `${name} later`,
});
