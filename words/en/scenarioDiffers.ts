import type { Differs, LaneKind } from '#core/scenarios/index';
import { formatSeconds } from '#core/units/index';
import { ALARM_NAMES } from './bench';
import { spoken, texts } from '../messages';

/** Words of what comes otherwise than a scenario expects: apart from the rest, since every page that tells findings carries them. */

/** What a lane shows, by the words the engine has for it. */
const SHOWN: Readonly<Record<string, string>> = {
  held: 'locked',
  free: 'unlocked',
  weak: 'neither',
  'no-lock': 'no lock',
  busy: 'pulled in',
  rest: 'at rest',
  open: 'open',
  opening: 'opening',
  closing: 'closing',
  closed: 'closed',
  dead: 'dead',
  unsure: 'unclear',
  trouble: 'trouble',
  sounds: 'on',
  quiet: 'quiet',
  gone: 'not there',
};
export const shownWords = spoken((is: string): string => SHOWN[is] ?? is);

export const LANES: Readonly<Record<LaneKind, string>> = texts({
  lock: 'Lock',
  leaf: 'Leaf',
  relay: 'Relay',
  input: 'Input',
  sounder: 'Signal',
  forced: 'Door forced alarm',
  'held-open': 'Door held open alarm',
  tamper: 'Tamper alarm',
});

const laneByItself = (id: string): string => {
  const [kind = '', ...rest] = id.split(':');
  return `${LANES[kind as LaneKind] ?? kind} ${(rest[0] ?? '').split('/').at(-1)} ${rest[1] ?? ''}`.trim();
};

const moment = (ms: number): string => formatSeconds(ms);

/** One thing that comes otherwise than expected, as a sentence; a lane is called by its device where nobody has a name for it. */
export const differsHere = spoken(function differsHere(
  differs: Differs,
  nameOf: (lane: string) => string = laneByItself,
): string {
  switch (differs.kind) {
    case 'push':
      return differs.expected === 'opens'
        ? `At ${moment(differs.at)} the leaf does not open: the lock holds.`
        : `At ${moment(differs.at)} the leaf opens, and should stay closed.`;
    case 'alarm':
      return differs.expected === 'sounds'
        ? `${ALARM_NAMES[differs.alarm]}: expected, and never raised.`
        : `${ALARM_NAMES[differs.alarm]}: raised at ${moment(differs.at)}, and not expected.`;
    case 'end':
      return `At the end it should be ${differs.expected}; it is ${shownWords(differs.is)}.`;
    case 'operator-blocked':
      return `At ${moment(differs.at)} the operator pushes a leaf that the lock still holds.`;
    case 'thrown-open':
      return `At ${moment(differs.at)} the lock is thrown while the leaf stands open: it jams.`;
    case 'trapped':
      return `From ${moment(differs.at)} to ${moment(differs.to)} nobody gets out from inside.`;
    case 'lane':
      return `${nameOf(differs.lane)}, ${moment(differs.at)} to ${moment(differs.to)}: ${shownWords(differs.is)}; accepted was ${shownWords(differs.expected)}.`;
  }
});
