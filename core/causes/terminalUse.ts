import { functionsOf, type DeviceType, type Roles } from '../devices/index';

/** What a terminal is there for, as the roles of its type say. One may be there for several things. */
export type Use =
  | 'source+'
  | 'source-'
  | 'feed+'
  | 'feed-'
  | 'lock+'
  | 'lock-'
  /** A relay's contact, and one that breaks a lock's power. */
  | 'switch'
  | 'breaker'
  | 'wet+'
  | 'wet-'
  | 'exit-in'
  | 'contact-in'
  | 'status-in'
  | 'fire-in'
  | 'other-in'
  /** What inputs are read against. */
  | 'common'
  | 'exit'
  | 'contact'
  | 'status'
  | 'other-contact'
  | 'd0'
  | 'd1'
  | 'bus-a'
  | 'bus-b'
  | 'line'
  | 'load+'
  | 'load-'
  | 'joint';

/** Uses that a wire may join; a pair that is not here is odd. Each pair once, whichever end comes first. */
const JOINED: Readonly<Record<Use, readonly Use[]>> = {
  'source+': ['source+', 'feed+', 'lock+', 'switch', 'breaker', 'load+', 'other-contact'],
  'source-': ['source-', 'feed-', 'lock-', 'switch', 'breaker', 'common', 'load-', 'other-contact'],
  'feed+': ['feed+', 'switch', 'breaker', 'wet+'],
  'feed-': ['feed-', 'common', 'switch', 'breaker'],
  'lock+': ['lock+', 'switch', 'breaker', 'wet+', 'load+'],
  'lock-': ['lock-', 'switch', 'breaker', 'wet-', 'load-'],
  switch: ['switch', 'breaker', 'exit-in', 'other-in', 'common', 'load+', 'exit'],
  breaker: ['breaker', 'fire-in', 'common'],
  'wet+': [],
  'wet-': [],
  'exit-in': ['exit'],
  'contact-in': ['contact', 'status', 'joint'],
  'status-in': ['status', 'joint'],
  'fire-in': ['common'],
  'other-in': ['other-contact', 'joint'],
  common: ['common', 'exit', 'contact', 'status', 'other-contact', 'joint'],
  exit: ['exit'],
  contact: ['contact', 'status', 'joint'],
  status: ['status', 'joint'],
  'other-contact': ['other-contact', 'joint', 'load+', 'load-'],
  d0: ['d0'],
  d1: ['d1'],
  'bus-a': ['bus-a'],
  'bus-b': ['bus-b'],
  line: ['line', 'common', 'other-contact', 'load+', 'load-'],
  'load+': ['load+', 'line'],
  'load-': ['load-', 'feed-'],
  joint: ['joint'],
};
const PAIRS = new Set(
  Object.entries(JOINED).flatMap(([one, others]) =>
    others.flatMap((two) => [`${one} ${two}`, `${two} ${one}`]),
  ),
);

const known = new WeakMap<DeviceType, ReadonlyMap<string, readonly Use[]>>();

/** Uses of each terminal of a type; one without any is not there. */
export function usesOf(type: DeviceType): ReadonlyMap<string, readonly Use[]> {
  let found = known.get(type);
  if (!found) known.set(type, (found = read(type)));
  return found;
}

function read(type: DeviceType): Map<string, Use[]> {
  const uses = new Map<string, Use[]>();
  const put = (use: Use, ...pins: readonly (string | undefined)[]): void => {
    for (const pin of pins) if (pin !== undefined) uses.set(pin, [...(uses.get(pin) ?? []), use]);
  };
  const { roles } = type;
  const pair = (plus: Use, minus: Use, ...pairs: readonly (Roles['feed'] | undefined)[]): void => {
    for (const one of pairs) {
      put(plus, one?.plus);
      put(minus, one?.minus);
    }
  };
  pair('source+', 'source-', roles.supply, roles.lockSupply);
  pair('feed+', 'feed-', roles.feed);
  pair('lock+', 'lock-', roles.lock, ...Object.values(roles.lockBy ?? {}), ...(roles.lockToo ?? []));
  pair('wet+', 'wet-', ...(roles.wet ?? []).flatMap((one) => Object.values(one)));
  pair('wet+', 'wet-', ...Object.values(roles.operator?.fed ?? {}));
  pair('load+', 'load-', roles.coil, roles.lockVoltage, roles.bellOut);
  for (const one of [...(roles.switches ?? []), roles.second, ...(roles.poles ?? []), roles.operator?.lock])
    put('switch', one?.com, one?.nc, one?.no);
  for (const one of [...(roles.breakers ?? []), roles.egress?.holds]) put('breaker', one?.com, one?.nc);
  const inputs = (use: Use, ...list: readonly (Roles['fireInput'] | undefined)[]): void => {
    for (const one of list) {
      put(use, one?.input);
      put('common', one?.common);
    }
  };
  inputs(
    'exit-in',
    ...(roles.exitInputs ?? []),
    roles.operator?.activate,
    roles.egress?.push,
    roles.egress?.bypass,
  );
  inputs('contact-in', ...(roles.contactInputs ?? []));
  inputs('status-in', ...(roles.statusInputs ?? []));
  inputs('fire-in', roles.fireInput, roles.egress?.fire, roles.operator?.fire);
  inputs('other-in', roles.bellInput, roles.lockdownInput, roles.alarmInput);
  const ends = (use: Use, ...list: readonly (Roles['exitContact'] | undefined)[]): void => {
    for (const one of list) put(use, one?.a, one?.b);
  };
  ends('exit', roles.exitContact, roles.exitSecond);
  ends('contact', roles.doorContact);
  ends('status', roles.statusContact);
  ends('other-contact', roles.bellContact, roles.lockdownContact, roles.lidContact);
  ends('other-contact', roles.safetyContact, roles.stopContact, roles.alarmContact, roles.alarmOut);
  for (const one of [roles.dataOut, ...(roles.dataInputs ?? []), ...(roles.innerDataInputs ?? [])]) {
    put('d0', one?.d0);
    put('d1', one?.d1);
  }
  for (const { bus } of [...functionsOf(type, 'busHost'), ...functionsOf(type, 'busReader')]) {
    put('bus-a', bus.a);
    put('bus-b', bus.b);
    put('common', bus.common);
  }
  // What joins, bridges or ends a line may be anywhere.
  if (type.family === 'joint' || type.family === 'suppression')
    put('joint', ...type.terminals.map(({ id }) => id));
  if (type.family === 'intercom') put('line', ...type.terminals.map(({ id }) => id));
  return uses;
}

/** Nothing is known of one of two terminals, or it may be anywhere. */
const ANYWHERE: ReadonlySet<Use> = new Set(['joint', 'line']);

/** True where a wire between two terminals of such uses is what nobody would lay. */
export function isOdd(one: readonly Use[] | undefined, two: readonly Use[] | undefined): boolean {
  if (!one || !two) return true;
  return !one.some((a) => ANYWHERE.has(a) || two.some((b) => ANYWHERE.has(b) || PAIRS.has(`${a} ${b}`)));
}
