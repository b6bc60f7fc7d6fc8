import { resolveLock } from '../../devices/index';
import { isDrawnByHand } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A fire door whose leaf nothing latches in a fire: its strike lets go, or it has none and no latch of its own. */
const unlatched: Analysis = ({ proof, world }) => {
  const row = proof.rows.find(({ cells }) => cells.outside.unlatched);
  if (!row || world.locks.length === 0) return [];
  const strikes = world.locks.filter(isDrawnByHand);
  const [first] = strikes.length > 0 ? strikes : world.locks;
  const { device, type } = first!;
  const mode = type.lock?.kind === 'strike' ? type.lock.mode : null;
  // One whose screw decides can be turned to stay shut: what that does to the way out is tried before it is offered.
  const turned =
    mode?.by === 'setting' && resolveLock(type, device.settings, () => true)?.dead === 'fail-safe';
  const remedy = turned
    ? ({ kind: 'setSetting', device: device.id, setting: mode.setting, value: 'fail-secure' } as const)
    : undefined;
  const found: Violation = violation(
    'fire-door-unlatched',
    [onDevice(device.id)],
    { tag: device.tag, situation: row.situation, strike: strikes.length > 0 ? 'strike' : 'none' },
    remedy ? { remedy } : {},
  );
  return [found];
};

export const fireDoorUnlatched = rule({
  code: 'fire-door-unlatched',
  family: 'R',
  station: 'brief',
  severity: 'stop',
  basis: 'local-code',
  find: unlatched,
});
