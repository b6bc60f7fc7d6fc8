import { lockStatuses } from '../../simulate/index';
import { SITUATIONS, tried } from '../../prove/index';
import { onDevice } from '../context';
import { type Analysis, violation, rule } from '../violation';

/**
 * Mains is lost, and a battery holds the leaf on which people hang to get out: some rules want it released then, others held. Where
 * somebody has written down that it must be free, it is a mistake; else it is said, for the rules of the place to settle.
 */
const heldOnBattery: Analysis = ({ world, rest, proof }) => {
  const cell = (id: string) => proof.rows.find(({ situation }) => situation === id)?.cells.inside;
  const [off, dead] = [cell('mains-off'), cell('dead')];
  const situation = SITUATIONS.find(({ id }) => id === 'mains-off')!;
  const frees = (one: typeof off) => one?.works.some(({ kind }) => kind === 'unlocked') === true;
  const lever = off?.works.some(({ kind }) => kind === 'lever') === true;
  // Without any power it would be free: what holds it is a battery, if there is one.
  if (!off || !dead || frees(off) || !frees(dead)) return [];
  const wanted = off.adjusted?.wanted === 'must-freely';
  if (!wanted && (world.door.brief.escapeRoute !== true || lever)) return [];
  const state = tried({ situation, device: null }, world, rest);
  const held = state && lockStatuses(world, state.point).find(({ hold }) => hold === 'held');
  if (!held) return [];
  if (![...state.feeds.values()].some(({ kind }) => kind === 'battery')) return [];
  return [
    violation(
      'battery-holds',
      [onDevice(held.device)],
      { tag: held.tag, wanted: wanted ? 'yes' : 'no' },
      wanted ? {} : { severity: 'note' },
    ),
  ];
};

export const batteryHolds = rule({
  code: 'battery-holds',
  family: 'R',
  station: 'prove',
  severity: 'fix',
  basis: 'local-code',
  find: heldOnBattery,
});
