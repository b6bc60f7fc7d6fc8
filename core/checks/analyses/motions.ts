import { byWhoLeaves, type Act } from '../../acts/index';
import { does, functionsOf } from '../../devices/index';
import { standAt } from '../../door/index';
import { givesWay, isSound, patience, releaseFrom } from '../../prove/index';
import { asksOf } from '../../regions/index';
import { isDrawnByHand, player, type SimState, type Stimulus } from '../../simulate/index';
import type { CheckContext } from '../context';
import { type Analysis, violation } from '../violation';
import { doorSubject } from './doorSubject';
import { isHeldByPower } from './manualRelease';
import { SEVERITY } from './strictness';

/** What somebody does to leave, and how many motions that is beside drawing a latch. */
interface Leaving {
  readonly tag: string;
  readonly motions: number;
  /** The hand is at the handle already. */
  readonly atHandle: boolean;
}

/** A lever is held down as long as somebody leaves by it, ms. */
const HELD_MS = 1500;

const motionsOf = ({ at }: Pick<Act, 'at'>): number =>
  functionsOf(at.type, 'sensor').some(({ sees }) => sees === 'walking') ? 0 : 1;

/** Every way out that works at rest, by an exit or by a lever that tells the system. */
function leavings({ world, rest, parts }: CheckContext): Leaving[] {
  const by = player(world);
  const isFree = (state: SimState) => isSound(state) && givesWay(world, state);
  const lets = (stimulus: Stimulus): boolean => {
    const release = releaseFrom(by, by.act(rest, stimulus), isFree, 1);
    return release !== null && release.after <= patience(world);
  };
  const levers = parts.exits
    .filter(({ device, type }) => does(type, 'lever') && standAt(device) === 'inside')
    .filter(({ device }) => lets({ kind: 'press', device: device.id, held: HELD_MS }))
    .map(({ device }): Leaving => ({ tag: device.tag, motions: 1, atHandle: true }));
  const acts = byWhoLeaves(world)
    .filter(({ purpose, at, stimulus }) => purpose === 'leave' && !does(at.type, 'lever') && lets(stimulus))
    .map((act): Leaving => ({ tag: act.at.device.tag, motions: motionsOf(act), atHandle: false }));
  return [...levers, ...acts];
}

/** A latch that a hand must draw though the lock has let go: of the door's own, or of a lock that stays latched. */
const hasLatch = ({ door: { brief }, world }: CheckContext): boolean =>
  brief.ownLatch === true || brief.mechanicalEgress === true || world.locks.some(isDrawnByHand);

/** A lock held by power beside a latch: who leaves presses a button and then turns a handle. */
export const motions: Analysis = (context) => {
  const severity = SEVERITY[asksOf(context.plan).oneMotion];
  if (severity === null || !isHeldByPower(context) || !hasLatch(context)) return [];
  const ways = leavings(context);
  const least = Math.min(...ways.map(({ motions: own, atHandle }) => own + (atHandle ? 0 : 1)));
  if (ways.length === 0 || least < 2) return [];
  const tags = [...new Set(ways.map(({ tag }) => tag))].join(', ');
  return [violation('two-motions', doorSubject(context), { tag: tags }, { severity })];
};
