import type { Chain, Fix, Opening, SiteSituation, SpaceState, Trap, ZoneCell } from '#core/reach/index';
import { findIn, type Plan, type SpaceKind } from '#core/plan/index';
import { situationName } from './situationNames';
import { spoken, texts } from '../messages';

export const SPACE_KIND_WORDS: Readonly<Record<SpaceKind, string>> = texts({
  outside: 'outside: safe ground',
  room: 'room',
  stairs: 'stairs',
  refuge: 'refuge: safe for a time',
  'lift-lobby': 'lift lobby: its lifts are recalled in a fire',
});

export const spaceName = spoken((plan: Plan, id: string): string => findIn(plan.spaces, id)?.name ?? id);

/** A situation of the site: one that every door knows, or an alarm in one zone. */
export const siteSituationName = spoken((plan: Plan, situation: SiteSituation): string =>
  situation.startsWith('zone:')
    ? `Fire, ${findIn(plan.zones, situation.slice(5))?.name ?? situation.slice(5)}`
    : situation === 'fire'
      ? 'Fire, all zones'
      : situationName(situation),
);

/** What is written in a space: how one gets out of it. */
export const spaceWords = spoken(function spaceWords(state: SpaceState | undefined): string {
  switch (state?.status) {
    case 'safe':
      return 'safe ground';
    case 'out':
      return `by ${[...(state.way?.doors ?? []), ...(state.way?.lift ? ['the lift'] : [])].join(', ')}`;
    case 'trapped':
      return 'no way out';
    case 'unproven':
      return 'not proven';
    case undefined:
      return '';
  }
});

const OUT: Readonly<Record<Opening['out'], string>> = {
  free: 'opens by itself or by its lever',
  act: 'opens by a button, a break glass or a call',
  no: 'stays locked whatever is pressed',
  unsure: 'is not proven',
};
const IN: Readonly<Record<Opening['in'], string>> = {
  open: 'stands open',
  shut: 'is locked from this side',
  unsure: 'is not proven',
};

/** Why each door of a trap stays locked: `D10 stays locked whatever is pressed; D11 is locked from this side`. */
export const trapReason = spoken(({ doors }: Trap): string =>
  doors
    .map(({ door, side, opening }) => `${door} ${side === 'inside' ? OUT[opening.out] : IN[opening.in]}`)
    .join('; '),
);

const FIX: Readonly<Record<Exclude<Fix['what'], 'finding'>, (door: string) => string>> = {
  'add-glass': (door) => `Add a break glass to ${door}`,
  'exits-pass': (door) => `${door}: exits do not wait`,
  'keep-list': (door) => `${door}: keep the last list`,
  'trip-relay': (door) => `Let the zone trip the relay of ${door}`,
};
export const fixWords = spoken(({ what, door }: Fix): string =>
  what === 'finding' ? `Fix what is wrong at ${door}` : FIX[what](door),
);

/** What a zone does to a door, in a word. */
export const zoneCellWords = spoken(function zoneCellWords({ opening, burnt, asked }: ZoneCell): string {
  if (opening.out === 'unsure') return 'not proven';
  if (asked === null) return '';
  if (asked === 'keep') return opening.in === 'open' ? 'opens' : 'stays locked';
  if (opening.out !== 'free') return opening.out === 'act' ? 'needs a button' : 'locked';
  if (burnt.out !== 'free') return 'no latch';
  return opening.in === 'open' ? 'unlocked' : 'lever';
});

/** A fire line from door to door. */
export const chainTitle = spoken(({ doors, failsOpen }: Chain): string =>
  failsOpen
    ? `${doors.join(', ')}: one line from door to door`
    : `One break leaves ${doors.join(', ')} locked`,
);

export const chainReason = spoken(function chainReason(plan: Plan, { relay, failsOpen }: Chain): string {
  const device = findIn(plan.devices, relay);
  const name = device ? `${device.door ?? ''} ${device.tag}`.trim() : relay;
  return failsOpen
    ? `The fire line of ${name} goes on from door to door. A break before the last of them releases it too: that is safe, and a nuisance.`
    : `The fire line of ${name} goes on from door to door, and closes in an alarm. What breaks before the last of them keeps it locked in a fire, and nobody notices.`;
});
