import { functionsOf } from '../../devices/index';
import { standAt, type Placed } from '../../door/index';
import { terminalId } from '../../plan/index';
import { givesWay, isSound, patience, releaseFrom, stretchFrom } from '../../prove/index';
import { asksOf, type Strictness } from '../../regions/index';
import { player, stimulate, type SimState } from '../../simulate/index';
import { onDevice, type CheckContext } from '../context';
import { type Analysis, violation, type Severity, type Violation } from '../violation';
import { isHeldByPower } from './manualRelease';

/** How bad what falls short is, by how strictly it is asked; null where nobody asks. */
export const SEVERITY: { readonly [S in Strictness]: Severity | null } = {
  asked: 'fix',
  confirm: 'caution',
  no: null,
};

/** The door as it is once the feed of a device is cut; null where no wire feeds it. */
function without({ world, rest, wiresAt }: CheckContext, { device, type }: Placed): SimState | null {
  const { plus } = type.roles.feed ?? {};
  const wires = plus === undefined ? [] : wiresAt(terminalId(device.id, plus));
  if (wires.length === 0) return null;
  return wires.reduce((state, { id }) => stimulate(world, state, { kind: 'cut', conductor: id }).state, rest);
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
    const cut = works ? without(context, exit) : null;
    if (cut === null) return [];
    const { moments, ends } = stretchFrom(by, cut);
    const late = moments.filter(({ now }) => now - rest.now > patience(world));
    const stays = ends && [...late, moments.at(-1)!].every(isFree);
    return stays
      ? []
      : [violation('sensor-loss-holds', [onDevice(device.id)], { tag: device.tag }, { severity })];
  });
};
