import type { FindingCode } from '../checks/index';
import type { Place } from '../devices/index';
import type { Brief, Edit, Plan, Side, SituationId } from '../plan/index';
import { metres, mm2 } from '../units/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from './doors';
import { terminalOf } from './terminalOf';

/** What kind of question a trap asks, that a look at one door at one moment does not. */
export type TrapClass =
  'placement' | 'moment' | 'neighbour' | 'relay' | 'latch' | 'leaf' | 'drive' | 'missing' | 'delay';

/**
 * A site that looks right and is not: where it must be said, and by which finding. Without the edits it is right: its sound twin, at
 * which nothing may be said.
 */
export interface Trap {
  readonly name: string;
  readonly of: TrapClass;
  readonly make: () => Plan;
  readonly edits: (plan: Plan) => readonly Edit[];
  readonly door: string;
  readonly situation: SituationId;
  readonly side: Side;
  /** Fails, or is not proven; never passes. */
  readonly verdict: 'fail' | 'not-proven';
  readonly says: FindingCode;
}

export const stand = (device: string, place: Place, at = 'D01'): Edit => ({
  kind: 'setDevice',
  id: `${at}/${device}`,
  patch: { place },
});

/** A wire between any two doors. */
export const across = (number: string, from: string, to: string, of = 'D02'): Edit => ({
  kind: 'connect',
  conductor: {
    id: `${of}/${number}`,
    door: of,
    number,
    from: terminalOf(from),
    to: terminalOf(to),
    colour: 'PK',
    gauge: mm2(1),
    length: metres(3),
    cable: '',
    origin: 'hand',
    assumed: [],
  },
});

/** Takes the wire between two terminals of a site off. */
export function off(plan: Plan, one: string, two: string): Edit {
  const found = Object.values(plan.conductors).find(
    ({ from, to }) => (from === one && to === two) || (from === two && to === one),
  );
  if (!found) throw new Error(`no wire ${one} – ${two}`);
  return { kind: 'disconnect', id: found.id };
}

/** Two doors with a supply each, their 0 V joined as a screen or a common earth joins it. */
function twoDoors(second: string, its: Brief, spare: string): Plan {
  const plan = wiredDoor(second, its, wiredDoor('magnet-controller', MAGNET_BRIEF), 'D02');
  return mustApply(plan, across('W80', 'D01/X1.V-', spare));
}
export const vault = () => twoDoors('strike-keypad', STRIKE_BRIEF, 'D02/PS1.0V');
export const magnets = () => twoDoors('magnet-controller', MAGNET_BRIEF, 'D02/X1.V-');

export type Where = Pick<Trap, 'door' | 'situation' | 'side' | 'verdict' | 'says'>;
export const OPEN: Where = {
  door: 'D01',
  situation: 'rest',
  side: 'outside',
  verdict: 'fail',
  says: 'not-kept-out',
};
export const TRAPPED: Where = { ...OPEN, side: 'inside', says: 'locked-in' };
export const HELD: Where = {
  door: 'D01',
  situation: 'fire',
  side: 'inside',
  verdict: 'fail',
  says: 'not-released',
};
export const FROM_D01: Where = { ...OPEN, door: 'D02', situation: 'other-door' };
export const REFUSED: Where = { ...FROM_D01, situation: 'card-after-other-door', says: 'locked-out' };

export const trap = (
  of: TrapClass,
  name: string,
  make: () => Plan,
  at: Where,
  edits: Trap['edits'],
): Trap => ({ of, name, make, edits, ...at });
