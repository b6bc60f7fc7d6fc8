import type { DeviceType, LockSpec, Part, PartKind } from '#core/devices/index';
import { say } from '#words/sitePages/types/blankType';

/** What a new thing in the editor starts as. Every start is whole, so that it works before anything is changed. */

export const BLANK_TYPE: DeviceType = {
  id: 'own-device@1',
  version: 1,
  family: 'exit',
  name: say.ownDevice,
  short: say.ownDevice2,
  description: '',
  tagPrefix: 'X',
  place: 'inside',
  terminals: [
    { id: 'V+', maxConductors: 2, use: 'needed', sizes: [0.14, 1.5] },
    { id: 'V-', maxConductors: 2, use: 'needed', sizes: [0.14, 1.5] },
  ],
  parts: [
    {
      kind: 'electronic',
      id: 'board',
      a: 'V+',
      b: 'V-',
      law: 'current',
      draw: 0.05,
      minVolts: 9,
      startVolts: 9.5,
      maxVolts: 15,
    },
  ],
  settings: [],
  functions: [],
  roles: { feed: { plus: 'V+', minus: 'V-' } },
  ip: 'IP20',
  symbol: 'button',
};

export function blankPart(
  kind: PartKind,
  id: string,
  [a, b]: readonly [string, string],
  board: string,
): Part {
  const at = { id, a, b };
  switch (kind) {
    case 'contact':
      return { ...at, kind, form: 'NO', state: 'pressed', ohms: 0.03, maxAmps: 1 };
    case 'coil':
      return { ...at, kind, ohms: 120, pullInVolts: 9, dropOutVolts: 3, maxVolts: 15, suppressed: false };
    case 'load':
      return { ...at, kind, ohms: 30, maxVolts: 15, suppressed: true };
    case 'electronic':
      return { ...at, kind, law: 'current', draw: 0.05, minVolts: 9, startVolts: 9.5, maxVolts: 15 };
    case 'source':
      return { ...at, kind, volts: 12, tolerance: 0.03, ohms: 0.1, maxAmps: 1 };
    case 'input':
      return {
        ...at,
        kind,
        pullVolts: 5,
        pullOhms: 4700,
        poweredBy: board,
        closedBelow: 0.3,
        openAbove: 0.7,
      };
    case 'output':
      return { ...at, kind, ohms: 220, maxVolts: 2 };
    case 'varistor':
      return { ...at, kind, clampVolts: 18, ohms: 2 };
    case 'diode':
      return { ...at, kind, forwardVolts: 0.7, ohms: 0.05 };
    case 'resistor':
      return { ...at, kind, ohms: 2200 };
    case 'fuse':
      return { ...at, kind, amps: 1 };
    case 'link':
      return { ...at, kind };
  }
}

export const blankLock = (kind: 'none' | LockSpec['kind'], part: string): LockSpec | undefined => {
  if (kind === 'none') return undefined;
  return kind === 'magnet'
    ? { kind, parts: [part], forceNewtons: 2700, ratedVolts: 12, holdShare: 0.85, freeNewtons: 150 }
    : { kind, mode: { by: 'build', state: 'fail-secure', coil: part } };
};

/** An id that nobody has yet: `board`, `board2`... */
export function freeId(taken: readonly string[], wish: string): string {
  let id = wish;
  for (let n = 2; taken.includes(id); n += 1) id = `${wish}${n}`;
  return id;
}

/** A name as the first part of an id: small letters, digits, dashes. */
export const slug = (name: string): string =>
  name
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-+|-+$/g, '')
    .slice(0, 40) || 'own-device';
