import { loopWires } from '../../loops/index';
import type { Edit } from '../../plan/index';
import { enough, smallestGauge } from '../../power/index';
import { type Analysis, hit, type Hit } from '../hit';

/** Voltage at every fed device, lowest on battery; with the smallest size that would do as the fix. */
export const voltages: Analysis<'budget' | 'plan' | 'loops' | 'door' | 'world' | 'trial'> = ({
  budget,
  plan,
  loops,
  door,
  world,
  trial,
}) =>
  budget.voltages.flatMap((fed): Hit[] => {
    const isLock = world.locks.some(({ device }) => device.id === fed.device);
    const lows = [fed.rest, fed.released, fed.lowest].filter(
      (v): v is number => v !== null && Math.abs(v) > 0.5,
    );
    if (lows.length === 0) return [];
    const lowest = Math.min(...lows);
    const usual = Math.max(fed.rest ?? 0, fed.released ?? 0);
    const at = [{ kind: 'device', id: fed.device } as const];
    const values = { tag: fed.tag, volts: usual, measured: lowest, limit: fed.needsVolts };
    if (enough(fed)) {
      return isLock ? [hit('lock-voltage-sound', at, values)] : [];
    }
    const loop = loops.find(
      (one) => one.shape === 'round' && one.load.device === fed.device && one.kind !== 'exit',
    );
    const wires = loop && !trial ? loopWires(loop) : [];
    const gauge = wires.length > 0 ? smallestGauge(plan, door.id, wires) : null;
    const remedy: Edit | undefined = gauge
      ? {
          kind: 'batch',
          label: 'thicker wire',
          edits: wires.map((id): Edit => ({ kind: 'setConductor', id, patch: { gauge } })),
        }
      : undefined;
    const code = isLock ? 'lock-under-voltage' : 'device-under-voltage';
    return [hit(code, at, { ...values, gauge: gauge ?? '' }, remedy ? { remedy } : {})];
  });
