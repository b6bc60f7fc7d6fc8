import { type Edit, terminalId, terminalLabel } from '../../plan/index';
import { onDevice, onWire } from '../context';
import { type Analysis, hit, type Hit, rule } from '../hit';

/**
 * A lock fed by a board's wet output whose return does not go to that output's own minus: on any other ground
 * it never switches.
 */
const groundsThatNeverSwitch: Analysis = (context) => {
  const { parts, plan, groupOf, door, wiresAt } = context;
  const { decider, channel } = parts;
  const wet = decider?.type.roles.wet?.[channel];
  if (!decider || !wet) return [];
  return parts.locks.flatMap(({ device, type }): Hit[] => {
    const ends = type.roles.lock;
    if (!ends) return [];
    const outputs = Object.values(wet);
    const at = (pin: string) => groupOf(terminalId(decider.device.id, pin));
    const lockPlus = groupOf(terminalId(device.id, ends.plus));
    const lockMinus = groupOf(terminalId(device.id, ends.minus));
    const fed = outputs.some(({ plus }) => at(plus) === lockPlus);
    const switched = outputs.some(({ minus }) => at(minus) === lockMinus);
    const onGround = outputs.some(({ minus }) => at(minus) !== at('0V')) && lockMinus === at('0V');
    if (!fed || switched || !onGround) return [];
    const pair = wet[parts.wanted ?? 'fail-secure'];
    const right = terminalId(decider.device.id, pair.minus);
    const wire = wiresAt(terminalId(device.id, ends.minus))[0];
    const end = wire && (wire.from === terminalId(device.id, ends.minus) ? 'to' : 'from');
    const values = {
      tag: device.tag,
      terminal: terminalLabel(plan, right, door.id),
      wire: wire?.number ?? '',
    };
    const remedy: { remedy?: Edit } =
      wire && end ? { remedy: { kind: 'setConductor', id: wire.id, patch: { [end]: right } } } : {};
    return [
      hit('unswitched-ground', [onDevice(device.id), ...(wire ? [onWire(wire.id)] : [])], values, remedy),
    ];
  });
};

export const unswitchedGround = rule({
  code: 'unswitched-ground',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: groundsThatNeverSwitch,
});
