import { functionsOf } from '../../devices/index';
import { standAt, type Placed } from '../../door/index';
import { terminalId } from '../../plan/index';
import { givesWay, isSound, patience, releaseFrom, stretchFrom } from '../../prove/index';
import { asksOf } from '../../regions/index';
import { player, stimulate, type SimState } from '../../simulate/index';
import { onDevice, type CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { asks } from './acts';
import { isHeldByPower } from './manualRelease';
import { SEVERITY } from './strictness';

/** The door as it is once a leg of a device's feed is cut: one state for each leg that has wires. */
function without({ world, rest, wiresAt }: CheckContext, { device, type }: Placed): SimState[] {
  const { plus, minus } = type.roles.feed ?? {};
  return [plus, minus].flatMap((leg) => {
    const wires = leg === undefined ? [] : wiresAt(terminalId(device.id, leg));
    if (wires.length === 0) return [];
    return [
      wires.reduce((state, { id }) => stimulate(world, state, { kind: 'cut', conductor: id }).state, rest),
    ];
  });
}

/** A sensor that lets people out of a lock held by power, and holds them in once it has lost its own. */
export const sensorLoss: Analysis = (context) => {
  const { plan, parts, world, rest } = context;
  const severity = SEVERITY[asksOf(plan).sensorLoss];
  if (severity === null || !isHeldByPower(context)) return [];
  const by = player(world);
  const isFree = (state: SimState) => isSound(state) && givesWay(world, state);
  return parts.exits.flatMap((exit): Violation[] => {
    const { device, type } = exit;
    const sees = functionsOf(type, 'sensor').some((one) => one.sees !== 'hand');
    if (!sees || standAt(device) !== 'inside') return [];
    // One that lets nobody out is told by that.
    const works = releaseFrom(by, by.act(rest, { kind: 'press', device: device.id }), isFree);
    // It must stay free by itself, and after whatever anybody does to be let through meanwhile.
    const staysFree = (from: SimState): boolean => {
      const { moments, ends } = stretchFrom(by, from);
      const late = moments.filter(({ now }) => now - from.now > patience(world));
      return ends && [...late, moments.at(-1)!].every(isFree);
    };
    const holds = (cut: SimState): boolean =>
      !staysFree(cut) || asks(world).some((act) => !staysFree(stimulate(world, cut, act).state));
    if (!works || !without(context, exit).some(holds)) return [];
    return [violation('sensor-loss-holds', [onDevice(device.id)], { tag: device.tag }, { severity })];
  });
};
