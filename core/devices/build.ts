import type { ContactPart, InputPart } from './parts';
import type { Setting, Terminal } from './deviceType';

/** Small helpers that keep the library files to what differs between devices. */

/** Terminals that the device cannot work without. */
export const needed = (...ids: string[]): Terminal[] =>
  ids.map((id) => ({ id, maxConductors: 2, use: 'needed' }));

/** Terminals that may stay empty. */
export const optional = (...ids: string[]): Terminal[] =>
  ids.map((id) => ({ id, maxConductors: 2, use: 'optional' }));

/** A closed relay or reed contact: about 30 mΩ. */
const CONTACT_OHMS = 0.03;

/** A changeover contact: COM to NC at rest, COM to NO while the state is true. */
export function changeover(
  id: string,
  pins: { com: string; nc: string; no: string },
  state: string,
  maxAmps: number,
  needs?: string,
): ContactPart[] {
  const shared = {
    kind: 'contact',
    state,
    ohms: CONTACT_OHMS,
    maxAmps,
    ...(needs ? { needs } : {}),
  } as const;
  return [
    { ...shared, id: `${id}.nc`, form: 'NC', a: pins.com, b: pins.nc },
    { ...shared, id: `${id}.no`, form: 'NO', a: pins.com, b: pins.no },
  ];
}

/** A single contact. */
export const contact = (
  id: string,
  form: 'NO' | 'NC',
  a: string,
  b: string,
  state: string,
  maxAmps: number,
  needs?: string,
): ContactPart => ({
  kind: 'contact',
  id,
  form,
  a,
  b,
  state,
  ohms: CONTACT_OHMS,
  maxAmps,
  ...(needs ? { needs } : {}),
});

/** A dry input pulled up to 5 V through 4.7 kΩ, closed below 1.5 V, open above 3.5 V. */
export const dryInput = (id: string, terminal: string, common: string, board: string): InputPart => ({
  kind: 'input',
  id,
  a: terminal,
  b: common,
  pullVolts: 5,
  pullOhms: 4700,
  poweredBy: board,
  closedBelow: 0.3,
  openAbove: 0.7,
});

/** Times of one channel, in seconds, as every controller and keypad of this library keeps them. */
export const channelTimes = (prefix: string, name: string): Setting[] => [
  {
    id: `${prefix}.unlock`,
    label: `${name}unlock time`,
    kind: 'number',
    unit: 's',
    min: 1,
    max: 99,
    initial: 5,
  },
  { id: `${prefix}.exit`, label: `${name}exit time`, kind: 'number', unit: 's', min: 1, max: 99, initial: 5 },
  {
    id: `${prefix}.relock`,
    label: `${name}re-lock`,
    kind: 'choice',
    options: [
      { value: 'close', label: 'when the door closes' },
      { value: 'time', label: 'when the time is up' },
    ],
    initial: 'close',
  },
  {
    id: `${prefix}.held`,
    label: `${name}held-open alarm after`,
    kind: 'number',
    unit: 's',
    min: 5,
    max: 600,
    initial: 30,
  },
];
