import '#core/devices/library/index';
import { batteryCurve } from '#core/power/index';
import { atRest, buildWorld, lockStatuses } from '#core/simulate/index';
import type { BatteryAnswer, BatteryRequest } from './protocol';

/** Empties a door's battery, hours of it: too long for the thread that draws. */
self.addEventListener('message', ({ data }: MessageEvent<BatteryRequest>) => {
  const world = buildWorld(data.plan, data.door);
  const rest = atRest(world);
  const lock = lockStatuses(world, rest.point)[0];
  const hasBattery = world.netlist.branches.some((branch) => branch.kind === 'source' && branch.battery);
  const curve =
    lock && hasBattery && lock.amps > 1e-3
      ? { points: batteryCurve(world, rest), needs: lock.needsVolts, tag: lock.tag }
      : null;
  self.postMessage({ curve } satisfies BatteryAnswer);
});
