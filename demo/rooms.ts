import type { Edit, SpaceKind } from '#core/plan/index';

/** A space of the archive: its id, name, what it is, and whether it is protected. */
const SPACES: readonly (readonly [id: string, name: string, kind: SpaceKind, isProtected?: boolean])[] = [
  ['street', 'Street', 'outside'],
  ['portal', 'Portal hall', 'room'],
  ['reading', 'Reading room', 'room'],
  ['gallery', 'Map gallery', 'room'],
  ['binding', 'Binding shop', 'room'],
  ['vault', 'Cold vault', 'room', true],
  ['dock', 'Loading dock', 'room'],
  ['plant', 'Plant room', 'room'],
  ['vestibule', 'Vestibule at the lift', 'lift-lobby'],
  ['deposit', 'Deposit', 'room', true],
  ['staff', 'Staff corridor', 'room'],
  ['garden', 'Garden', 'room'],
  ['stair', 'Stair two', 'stairs'],
  ['lab', 'Conservation lab', 'room', true],
];

/** Between which spaces each door stands: people leave from the second to the first. */
const SIDES: Readonly<Record<string, readonly [outside: string, inside: string]>> = {
  D01: ['street', 'portal'],
  D02: ['portal', 'reading'],
  D03: ['reading', 'gallery'],
  D04: ['binding', 'vault'],
  D05: ['portal', 'binding'],
  D06: ['street', 'dock'],
  D07: ['portal', 'gallery'],
  D08: ['dock', 'plant'],
  D09: ['portal', 'vestibule'],
  D10: ['street', 'staff'],
  D11: ['garden', 'stair'],
  D12: ['stair', 'lab'],
  D13: ['street', 'garden'],
  D14: ['vestibule', 'deposit'],
};

/** What the fire panel tells of by itself: relays, doors that must be free, doors that must stay shut. */
const ZONES: readonly (readonly [
  id: string,
  name: string,
  releases: readonly string[],
  keeps: readonly string[],
])[] = [
  ['Z1', 'Zone 1, ground floor', ['D01', 'D02', 'D03', 'D07'], ['D04', 'D12']],
  ['Z2', 'Zone 2, vestibule and lift', ['D09', 'D14'], ['D04']],
  ['Z3', 'Zone 3, garden and staff', ['D10', 'D13'], ['D12']],
];

/** The rooms of the archive and its fire zones; every door that must be free has a relay that its zone trips. */
export const ROOMS: readonly Edit[] = [
  ...SPACES.map(([id, name, kind, isProtected = false], order): Edit => ({
    kind: 'addSpace',
    space: { id, name, kind, protected: isProtected, order },
  })),
  ...Object.entries(SIDES).map(([id, [outside, inside]]): Edit => ({
    kind: 'setSides',
    id,
    sides: { id, outside, inside },
  })),
  ...ZONES.map(([id, name, releases, keeps], order): Edit => ({
    kind: 'addZone',
    zone: {
      id,
      name,
      order,
      relays: releases.map((door) => `${door}/F1`),
      releases: [...releases],
      keeps: [...keeps],
    },
  })),
];
