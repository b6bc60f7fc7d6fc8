import { functionOf } from '../../devices/index';
import { lockDeadState } from '../../door/index';
import type { RoundLoop } from '../../loops/index';
import { fireReleases } from '../../prove/index';
import { type Analysis, violation, type Violation } from '../violation';
import { heldInFire } from './heldInFire';
import { doorSubject } from './doorSubject';
import { isLatched } from './latchesAtSupply';

/** The fire release: there where the door opens by losing power, and latched. */
export const fireRelease: Analysis = (context) => {
  const { parts, loops, plan, world } = context;
  const safe = parts.locks.some((lock) => lockDeadState(plan, lock) === 'fail-safe');
  if (!safe) return [];
  const releases = fireReleases(world, context.rest);
  const held = heldInFire(context);
  if (releases.length === 0)
    return held.length > 0 ? held : [violation('no-fire-release', doorSubject(context))];
  const unlatched = releases.flatMap(({ device, type }): Violation[] => {
    const spec = functionOf(type, 'fireRelay');
    if (!spec) return [];
    if (isLatched(context, device.id, type)) return [];
    const loop = loops.find((one): one is RoundLoop => one.shape === 'round' && one.kind === 'lock-power');
    const first = loop?.supply.complete ? loop.supply.steps.find((step) => step.kind === 'wire') : undefined;
    const wire = first?.kind === 'wire' ? (plan.conductors[first.conductor]?.number ?? '') : '';
    const lock = parts.locks[0]?.device.tag ?? '';
    const remedy = {
      kind: 'setSetting',
      device: device.id,
      setting: spec.latchSetting,
      value: 'latching',
    } as const;
    return [
      violation(
        'fire-not-latched',
        [{ kind: 'device', id: device.id }],
        { tag: device.tag, wire, lock },
        { remedy },
      ),
    ];
  });
  return [...held, ...unlatched];
};
