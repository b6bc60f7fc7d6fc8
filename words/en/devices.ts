import type {
  DeviceType,
  Family,
  FunctionKind,
  PartKind,
  TypeChange,
  TypeProblem,
} from '#core/devices/index';
import { POE_CLASSES } from '#core/devices/index';
import { COLOURS } from '#core/units/index';
import { spoken, texts } from '../messages';

export const FAMILY_LABELS: Record<Family, string> = texts({
  lock: 'Locks',
  supply: 'Supplies',
  controller: 'Controllers',
  keypad: 'Keypads and terminals',
  reader: 'Readers',
  exit: 'Exit devices',
  contact: 'Door contacts',
  release: 'Fire and emergency',
  relay: 'Relays and timers',
  intercom: 'Intercom',
  operator: 'Door operators',
  sounder: 'Bells, sounders, lamps',
  network: 'Network',
  suppression: 'Suppression and end of line',
  joint: 'Joints and earth',
});

/** What a device fed over its network cable asks of the port; null for any other. */
export const poeWords = spoken(function poeWords({ poe }: Pick<DeviceType, 'poe'>): string | null {
  if (!poe) return null;
  const { portWatts, deviceWatts } = POE_CLASSES[poe.class];
  return `Fed by its network cable, class ${poe.class}: the port must give ${portWatts} W; ${deviceWatts} W arrive after 100 m, for the device and all that it feeds.`;
});

export const PART_LABELS: Record<PartKind, string> = texts({
  contact: 'contact',
  coil: 'coil',
  load: 'winding',
  electronic: 'circuit board',
  source: 'source',
  input: 'dry input',
  output: 'low-level output',
  varistor: 'varistor',
  diode: 'diode',
  resistor: 'resistor',
  fuse: 'fuse',
  link: 'inner link',
});

/** What a device does, for whoever builds a type. */
export const FUNCTION_LABELS: Record<FunctionKind, string> = texts({
  decides: 'decides: inputs, times, relays of its doors',
  ownCodes: 'keys, finger or card at the device itself',
  output: 'output, lamp or sounder that follows something',
  tamper: 'tamper loop',
  input: 'input that does what a setting says',
  link: 'is told over a network: what it does without',
  clock: 'keeps the time of day and hours',
  interlock: 'interlock between its doors',
  busHost: 'listens to readers on a bus or serial line',
  timer: 'timed relay',
  button: 'button: contact while pressed',
  keys: 'several keys',
  switch: 'switch: stays as it is left',
  sensor: 'sensor: contact while it sees, needs power',
  lever: 'lever: contact while turned',
  breakGlass: 'break glass: until reset by key',
  doorContact: 'door contact: follows the leaf',
  fireRelay: 'fire relay: on alarm, with or without latch',
  fireInput: 'fire input: drops outputs',
  reader: 'reader, two data lines',
  busReader: 'reader on a bus',
  operator: 'door operator',
  delayedEgress: 'delayed egress: alarm, countdown, release, re-armed by key',
});

/** Its leads by colour and its screws by print, in their order. */
export const terminalsWords = spoken(function terminalsWords({ terminals }: DeviceType): string {
  const leads = terminals.filter(({ form }) => form === 'pigtail');
  const screws = terminals.filter(({ form }) => form !== 'pigtail');
  const coloured = leads.map(({ id, colour }) => (colour ? `${COLOURS[colour].name} ${id}` : id));
  return [
    ...(leads.length > 0 ? [`${leads.length} leads: ${coloured.join(', ')}`] : []),
    ...(screws.length > 0 ? [`${screws.length} terminals: ${screws.map(({ id }) => id).join(', ')}`] : []),
  ].join('. ');
});

/** What is wrong with a device type, as a sentence. */
export const typeProblemWords = spoken(function typeProblemWords({ code, id, path }: TypeProblem): string {
  switch (code) {
    case 'no-terminals':
      return 'A device needs at least one terminal.';
    case 'bad-terminal-id':
      return `“${id}” cannot be a terminal’s name: no spaces, dots, colons or bars, up to twelve characters.`;
    case 'twice':
      return `“${id}” is there twice (${path}).`;
    case 'unknown-terminal':
      return `There is no terminal “${id}” (${path}).`;
    case 'unknown-part':
      return id === '' ? `A part has to be chosen (${path}).` : `There is no part “${id}” (${path}).`;
    case 'unknown-setting':
      return `There is no setting “${id}” (${path}).`;
    case 'unknown-state':
      return `Nothing works the contact: no coil and no function sets “${id}” (${path}).`;
    case 'value-missing':
      return `A value for “${id}” is missing (${path}).`;
    case 'same-ends':
      return `Both ends are at “${id}” (${path}).`;
    case 'beyond-poe':
      return `“${id}” gives more than a network cable of its class brings (${path}).`;
    case 'limits-crossed':
      return `The limits of “${id}” are the wrong way round (${path}).`;
    case 'bad-initial':
      return `“${id}” is not a value that the setting takes (${path}).`;
    case 'wrong-kind':
      return `“${id}” is not the kind of setting that is asked for here (${path}).`;
    case 'not-positive':
      return `“${id}” must be more than zero (${path}).`;
  }
});

/** A difference between two versions of a type, as a line. */
export const typeChangeWords = spoken(function typeChangeWords(change: TypeChange): string {
  switch (change.kind) {
    case 'name':
      return `Called “${change.name}”`;
    case 'added':
      return `New ${change.what} ${change.id}`;
    case 'removed':
      return `Without ${change.what} ${change.id}`;
    case 'changed':
      return `Other ${change.what} ${change.id}: ${change.fields
        .map(({ field, before, after }) => `${field} ${before ?? 'none'} → ${after ?? 'none'}`)
        .join(', ')}`;
    case 'functions':
      return 'Does other things';
    case 'lock':
      return 'Locks differently';
    case 'roles':
      return 'Terminals have other jobs for Aldaba’s wiring';
  }
});
