import { does, functionsOf } from '../devices/index';
import { drive } from '../functions/index';
import type { SimState } from './simState';
import { advance } from './step';
import type { World } from './world';

/** The longest wait of an operator before its leaf moves, ms. */
const UNTIL_OPENING_MS = 11_000;

/** True where, from this state, an operator opens the leaf by itself. */
export const operatorOpens = (world: World, state: SimState): boolean =>
  state.doorOpen ||
  advance(world, state, state.now + UNTIL_OPENING_MS).effects.some(
    (effect) => effect.kind === 'door' && effect.open,
  );

/** A door that operators move and no lock holds: a gate, a leaf that only its drive keeps shut. */
export const movedByOperatorOnly = ({ locks, inhabitants, door }: World): boolean =>
  locks.length === 0 &&
  inhabitants.some(({ device, type }) => device.door === door.id && does(type, 'operator'));

/** Whether a hand moves the leaf of such a door while its drive stands; null where no type says. */
export function leafByHand({ inhabitants, door }: World): 'holds' | 'yields' | null {
  const drives = inhabitants
    .filter(({ device }) => device.door === door.id)
    .flatMap(({ type }) => functionsOf(type, 'operator'));
  if (drives.some(({ leaf }) => leaf === 'yields')) return 'yields';
  return drives.length > 0 && drives.every(({ leaf }) => leaf === 'holds') ? 'holds' : null;
}

/** What a drive of this door does with its leaf at the moment; null where it stands. */
export function leafMoves({ inhabitants, door }: World, { memory }: SimState): 'opening' | 'closing' | null {
  const drives = inhabitants.filter(({ device, type }) => device.door === door.id && does(type, 'operator'));
  const is = (what: 'opening' | 'closing') =>
    drives.some(({ device }) => drive.recall(memory[device.id], what) === true);
  return is('closing') ? 'closing' : is('opening') ? 'opening' : null;
}
