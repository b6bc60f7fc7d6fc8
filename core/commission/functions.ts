import { voltsAcross, terminalAt } from '../circuit/index';
import { asks, type CheckContext } from '../checks/index';
import { PHONE_METRES, roleValue } from '../devices/index';
import { doorDevices } from '../door/index';
import { callers, delaysOf, fireReleases } from '../prove/index';
import {
  lockStatuses,
  movedByOperatorOnly,
  operatorOpens,
  presentedTo,
  stimulate,
  type SimState,
  type Stimulus,
} from '../simulate/index';
import { releaseByCredential } from '../timing/index';
import { alarms } from './alarms';
import { panelTests } from './panelTests';
import { hours } from './hours';
import { lockdownTests } from './lockdownTests';
import { withoutNetwork } from './withoutNetwork';
import { TOLERANCE, voltsItem, yes, type CheckItem, type CheckTask } from './checkItem';

type Run = (...stimuli: Stimulus[]) => SimState;
type LockVolts = (id: string, task: CheckTask, state: SimState, values?: CheckItem['values']) => CheckItem;

/** The door in use: card, exits, calls, break glass, fire, mains off, all off. */
export function functions(context: CheckContext): CheckItem[] {
  const { world, rest, plan, door, parts } = context;
  const lock = lockStatuses(world, rest.point)[0];
  if (!lock) return operated(context);
  const run: Run = (...stimuli) =>
    stimuli.reduce((state, stimulus) => stimulate(world, state, stimulus).state, rest);
  const branch = world.netlist.branches[lock.branch];
  const where = [terminalAt(world.netlist, branch?.a ?? 0), terminalAt(world.netlist, branch?.b ?? 0)];
  const tag = lock.tag;
  const lockVolts: LockVolts = (id, task, state, values = {}) =>
    voltsItem(
      context,
      id,
      'function',
      task,
      voltsAcross(world.netlist, state.point, lock.branch) ?? 0,
      where,
      { tag, ...values },
    );
  const items: CheckItem[] = [];
  if (parts.readers.length > 0 || parts.decider?.type.family === 'keypad') {
    items.push(lockVolts('card', 'lock-volts-credential', run({ kind: 'credential', valid: true })));
    const release = releaseByCredential(world, rest);
    if (release) {
      const { seconds } = release;
      items.push({
        id: 'relock',
        phase: 'function',
        task: 'relock-seconds',
        unit: 's',
        where: [],
        values: { tag, timer: plan.devices[release.device]?.tag ?? '' },
        expected: seconds,
        low: seconds - TOLERANCE.seconds(seconds),
        high: seconds + TOLERANCE.seconds(seconds),
      });
    }
    items.push(yes('wrong-card', 'wrong-credential', { tag }));
    for (const { device, type } of parts.readers) {
      const range = roleValue(type, device.settings, 'range');
      if (range !== undefined)
        items.push(
          yes(`phone:${device.id}`, 'phone-range', {
            tag,
            reader: device.tag,
            metres: PHONE_METRES[String(range)] ?? 0,
          }),
        );
    }
    items.push(...otherEntries(context, run, lockVolts));
  }
  const late = delaysOf(world, rest);
  for (const { act, after } of late) items.push(...delayed(tag, act.at.device, after / 1000));
  const isLate = (id: string) => late.some(({ act }) => act.at.device.id === id);
  for (const { device } of parts.exits.filter(({ device }) => !isLate(device.id))) {
    items.push(
      lockVolts(`exit:${device.id}`, 'lock-volts-exit', run({ kind: 'press', device: device.id }), {
        exit: device.tag,
      }),
    );
  }
  items.push(...calls(context, run, lockVolts));
  for (const { device } of parts.contacts)
    items.push(yes(`contact:${device.id}`, 'door-contact', { contact: device.tag }));
  for (const { device } of doorDevices(world, 'breakGlass')) {
    const broken = run({ kind: 'breakGlass', device: device.id });
    items.push(lockVolts(`break:${device.id}`, 'lock-volts-break', broken, { glass: device.tag }));
    items.push(yes(`reset:${device.id}`, 'reset-break', { glass: device.tag, tag }));
  }
  for (const { device } of fireReleases(world)) {
    items.push(
      lockVolts(`fire:${device.id}`, 'lock-volts-fire', run({ kind: 'fire' }), { fire: device.tag }),
    );
    items.push(yes(`fire-stays:${device.id}`, 'fire-stays', { fire: device.tag, tag }));
    items.push(yes(`fire-reset:${device.id}`, 'reset-fire', { fire: device.tag, tag }));
  }
  if (context.budget.supplies.some((supply) => supply.battery)) {
    items.push(lockVolts('mains-off', 'lock-volts-battery', run({ kind: 'mains', on: false })));
  }
  const dead = lockStatuses(world, run({ kind: 'dead', on: true }).point)[0];
  items.push(yes('dead', 'all-dead', { tag, state: dead?.hold === 'free' ? 'open' : 'shut' }));
  if (door.brief.mechanicalEgress) items.push(yes('lever', 'lever-dead', {}));
  items.push(
    ...alarms(context),
    ...panelTests(context),
    ...lockdownTests(context),
    ...hours(context),
    ...withoutNetwork(context),
  );
  return items;
}

/** A way out that lets go late: it sounds at once, lets go in its time, and holds again when its key has turned. */
const delayed = (tag: string, { id, tag: by }: { id: string; tag: string }, seconds: number): CheckItem[] => [
  yes(`delay-alarm:${id}`, 'delay-alarm', { by }),
  {
    id: `delay:${id}`,
    phase: 'function',
    task: 'delay-seconds',
    unit: 's',
    where: [],
    values: { tag, by },
    expected: seconds,
    low: seconds - TOLERANCE.seconds(seconds),
    high: seconds + TOLERANCE.seconds(seconds),
  },
  yes(`delay-rearmed:${id}`, 'delay-rearmed', { tag, by }),
];

/** Every other reader, keypad and output that lets this lock go: the first is read above. */
function otherEntries({ world, rest, plan }: CheckContext, run: Run, lockVolts: LockVolts): CheckItem[] {
  const lock = lockStatuses(world, rest.point)[0];
  const cards = asks(world).filter((act) => act.kind === 'credential');
  const first = presentedTo(world, { kind: 'credential', valid: true })?.device.id;
  return cards.flatMap((act): CheckItem[] => {
    if (act.kind !== 'credential' || !act.device || (act.device === first && (act.output ?? 0) === 0))
      return [];
    const state = run(act);
    const now = lockStatuses(world, state.point)[0];
    if (!lock || now?.hold === lock.hold) return [];
    const by = plan.devices[act.device]?.tag ?? '';
    const output = (act.output ?? 0) + 1;
    return [lockVolts(`card:${act.device}:${output}`, 'lock-volts-entry', state, { by, output })];
  });
}

/** A leaf that operators alone move: it opens for everything that asks. */
const operated = ({ world, rest, plan }: CheckContext): CheckItem[] =>
  movedByOperatorOnly(world)
    ? asks(world).flatMap((act): CheckItem[] => {
        const by = 'device' in act && act.device ? (plan.devices[act.device]?.tag ?? '') : '';
        if (!operatorOpens(world, stimulate(world, rest, act).state)) return [];
        return [yes(`operator:${by}:${act.kind}`, 'operator-opens', { by })];
      })
    : [];

/** A voltage that differs by this much was switched, volts. */
const SWITCHED_VOLTS = 1;

/** Bells and keys: what the lock gets where one releases it, and every sounder that one makes sound. */
function calls({ world, rest, door, ...context }: CheckContext, run: Run, lockVolts: LockVolts): CheckItem[] {
  const lock = lockStatuses(world, rest.point)[0];
  const sounders = world.inhabitants.filter(
    ({ device, type }) => device.door === door.id && type.family === 'sounder',
  );
  return callers(world).flatMap(({ device, key }): CheckItem[] => {
    const state = run({ kind: 'press', device: device.id, ...(key === null ? {} : { key }) });
    const at = (branch: number, of: SimState) => voltsAcross(world.netlist, of.point, branch) ?? 0;
    const differs = (branch: number) => Math.abs(at(branch, state) - at(branch, rest)) > SWITCHED_VOLTS;
    const id = key === null ? device.id : `${device.id}:${key}`;
    const values = { call: device.tag, key: key ?? '' };
    const items: CheckItem[] = [];
    if (lock && differs(lock.branch)) items.push(lockVolts(`call:${id}`, 'lock-volts-call', state, values));
    world.netlist.branches.forEach((branch, index) => {
      const sounder = sounders.find((one) => 'device' in branch && one.device.id === branch.device);
      if (!sounder || !['load', 'coil', 'electronic'].includes(branch.kind) || !differs(index)) return;
      const ends = [terminalAt(world.netlist, branch.a), terminalAt(world.netlist, branch.b)];
      items.push(
        voltsItem(
          { world, rest, door, ...context },
          `sound:${id}:${branch.id}`,
          'function',
          'sounder-volts',
          at(index, state),
          ends,
          { ...values, tag: sounder.device.tag },
        ),
      );
    });
    return items;
  });
}
