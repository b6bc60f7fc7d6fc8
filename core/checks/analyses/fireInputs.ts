import { does, functionsOf, settingValue } from '../../devices/index';
import { terminalId, terminalLabel, type Edit, type Plan } from '../../plan/index';
import { fireReleases } from '../../prove/index';
import { atRest, buildWorld, stimulate, type Inhabitant, type SimState } from '../../simulate/index';
import { onDevice, onTerminal, onWire, type CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { bridge } from './bridge';
import { changeOver, otherThrow, planAfter } from './otherThrow';

type Drop = Inhabitant & { readonly state: string; readonly input: string; readonly trigger: string | null };

/** Whatever serves the door and drops its outputs on a fire input, a supply, a controller or a board. */
const drops = ({ parts }: CheckContext): Drop[] =>
  parts.all.flatMap(({ device, type }): Drop[] =>
    functionsOf(type, 'fireInput').map(({ state, input, triggerSetting = null }) => ({
      device,
      type,
      state: `${device.id}:${state}`,
      input,
      trigger: triggerSetting,
    })),
  );

const isDropped = (state: SimState, { state: key }: Drop): boolean => state.states.has(key);

/** True where, on this plan, the outputs stay at rest and drop in a fire. */
function works(plan: Plan, door: string, drop: Drop): boolean {
  const world = buildWorld(plan, door);
  const rest = atRest(world);
  return !isDropped(rest, drop) && isDropped(stimulate(world, rest, { kind: 'fire' }).state, drop);
}

/** Changes that may put a fire input right: a bridge out, the other throw of a contact, the other trigger. */
function candidates(context: CheckContext, drop: Drop): Edit[] {
  const { plan, world, wiresAt } = context;
  const pins = drop.type.roles.fireInput;
  if (!pins) return [];
  const [input, common] = [terminalId(drop.device.id, pins.input), terminalId(drop.device.id, pins.common)];
  const wire = context.groupOf(input) === context.groupOf(common) ? bridge(context, input, common) : null;
  const relays = new Set(fireReleases(world, context.rest).map(({ device }) => device.id));
  const throws = world.netlist.branches.flatMap((branch, index) => {
    if (branch.kind !== 'contact' || !relays.has(branch.device)) return [];
    const other = otherThrow(world, index);
    return other && wiresAt(other.on).length > 0 ? [changeOver(plan, [other])] : [];
  });
  const now = drop.trigger && settingValue(drop.type, drop.device.settings, drop.trigger);
  const flip: Edit[] = drop.trigger
    ? [
        {
          kind: 'setSetting',
          device: drop.device.id,
          setting: drop.trigger,
          value: now === 'NO' ? 'NC' : 'NO',
        },
      ]
    : [];
  return [...(wire ? [{ kind: 'disconnect', id: wire } as const] : []), ...throws, ...flip];
}

/** A fire input that is in alarm already, or that a fire does not reach: open, bridged, or set to the other trigger. */
export const fireInputs: Analysis = (context) => {
  const { world, rest, plan, door, parts, groupOf, wiresAt } = context;
  if (parts.locks.length === 0) return [];
  const fire = stimulate(world, rest, { kind: 'fire' }).state;
  return drops(context).flatMap((drop): Violation[] => {
    const pins = drop.type.roles.fireInput;
    if (!pins) return [];
    const input = terminalId(drop.device.id, pins.input);
    const landed = wiresAt(input);
    const early = isDropped(rest, drop);
    // Nothing on an input that waits for a closure: whether there is a release at all is asked elsewhere.
    if (!early && (landed.length === 0 || isDropped(fire, drop))) return [];
    // A supply whose outputs feed nothing drops nothing; a board drops what it decides for.
    const out = drop.type.roles.lockSupply?.plus;
    const feeds =
      out === undefined ? does(drop.type, 'decides') : wiresAt(terminalId(drop.device.id, out)).length > 0;
    if (!feeds && landed.length === 0) return [];
    const reading = rest.readings.get(`${drop.device.id}:${drop.input}`);
    if (reading === 'dead' || reading === undefined) return [];
    const edit = context.trial
      ? undefined
      : candidates(context, drop).find((one) => {
          const changed = planAfter(plan, one);
          return changed !== null && works(changed, door.id, drop);
        });
    const joined = groupOf(input) === groupOf(terminalId(drop.device.id, pins.common));
    const values = {
      tag: drop.device.tag,
      terminal: terminalLabel(plan, input, door.id),
      reading,
      how: joined ? 'bridged' : landed.length === 0 ? 'empty' : 'contact',
      trigger: drop.trigger ? String(settingValue(drop.type, drop.device.settings, drop.trigger)) : 'NC',
    };
    const at = [
      onTerminal(input),
      onDevice(drop.device.id),
      ...(edit?.kind === 'disconnect' ? [onWire(edit.id)] : landed.map(({ id }) => onWire(id))),
    ];
    return [
      violation(early ? 'fire-input-alarm' : 'fire-input-deaf', at, values, edit ? { remedy: edit } : {}),
    ];
  });
};
