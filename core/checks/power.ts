import { enough, smallestGauge } from '../power/index';
import { loopWires } from '../loops/index';
import type { Edit } from '../plan/index';
import { finder, type Check } from './context';
import type { Finding } from './finding';

const find = finder('P', 'power');

/** Voltage at every fed device, lowest on battery; with the smallest size that would do as the fix. */
export const voltages: Check = ({ budget, plan, loops, door, world }) =>
  budget.voltages.flatMap((fed): Finding[] => {
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
      return isLock ? [find('lock-voltage-sound', 'sound', 'physics', at, values)] : [];
    }
    const loop = loops.find(
      (one) => one.shape === 'round' && one.load.device === fed.device && one.kind !== 'exit',
    );
    const wires = loop ? loopWires(loop) : [];
    const gauge = wires.length > 0 ? smallestGauge(plan, door.id, wires) : null;
    const remedy: Edit | undefined = gauge
      ? {
          kind: 'batch',
          label: 'thicker wire',
          edits: wires.map((id): Edit => ({ kind: 'setConductor', id, patch: { gauge } })),
        }
      : undefined;
    const code = isLock ? 'lock-under-voltage' : 'device-under-voltage';
    return [find(code, 'fix', 'rating', at, { ...values, gauge: gauge ?? '' }, remedy ? { remedy } : {})];
  });

/** Spare capacity and battery hours of every supply. */
export const supplies: Check = ({ budget }) =>
  budget.supplies.flatMap((supply): Finding[] => {
    const at = [{ kind: 'device', id: supply.device } as const];
    const findings: Finding[] = [];
    if (supply.worstAmps > supply.allowedAmps) {
      const values = {
        tag: supply.tag,
        measured: supply.worstAmps,
        limit: supply.allowedAmps,
        rated: supply.ratedAmps,
      };
      findings.push(find('headroom', 'fix', 'practice', at, values));
    }
    const { battery } = supply;
    if (!battery) return [...findings, find('no-battery', 'note', 'practice', at, { tag: supply.tag })];
    const values = { tag: supply.tag, measured: Math.min(battery.hours, 999), limit: battery.askedHours };
    const short = battery.hours < battery.askedHours;
    findings.push(
      find(short ? 'battery-short' : 'battery-sound', short ? 'fix' : 'sound', 'rating', at, values),
    );
    return findings;
  });

export const powerChecks: readonly Check[] = [voltages, supplies];
