import { blankPerson } from '../plan/index';
import { terminalOf } from './terminalOf';
import { HARDWARE_SETS, newDevice } from '../brief/index';
import type { FindingCode } from '../checks/index';
import type { Edit, Person, Plan } from '../plan/index';
import { metres, mm2 } from '../units/index';
import { MAGNET_BRIEF, STRIKE_BRIEF, wireBetween, wiredDoor } from './doors';

/** What the tables of mistakes are written with: doors wired right, and short ways to say an edit. */

const built = new Map<string, Plan>();
/** A well-wired door of this set. */
export function door(set: string): Plan {
  const known = built.get(set);
  if (known) return known;
  const egress = HARDWARE_SETS.find(({ id }) => id === set)?.electricalEgress;
  const plan = wiredDoor(set, egress ? MAGNET_BRIEF : STRIKE_BRIEF);
  built.set(set, plan);
  return plan;
}

export const wire = (
  from: string,
  to: string,
  over: { gauge?: number; length?: number; cable?: string; number?: string } = {},
): Edit => ({
  kind: 'connect',
  conductor: {
    id: `D01/${over.number ?? 'W90'}`,
    door: 'D01',
    number: over.number ?? 'W90',
    from: terminalOf(`D01/${from}`),
    to: terminalOf(`D01/${to}`),
    colour: 'PK',
    gauge: mm2(over.gauge ?? 0.5),
    length: metres(over.length ?? 2),
    cable: over.cable ?? '',
    origin: 'hand',
    assumed: [],
  },
});
export const id = (plan: Plan, one: string, two: string) => wireBetween(plan, one, two);
export const drop = (plan: Plan, one: string, two: string): Edit => ({
  kind: 'disconnect',
  id: id(plan, one, two),
});
export const patch = (plan: Plan, one: string, two: string, change: object): Edit => ({
  kind: 'setConductor',
  id: id(plan, one, two),
  patch: change,
});
export const move = (plan: Plan, one: string, two: string, end: 'from' | 'to', to: string): Edit =>
  patch(plan, one, two, { [end]: `D01/${to}` });
export const set = (device: string, setting: string, value: string | number): Edit => ({
  kind: 'setSetting',
  device: `D01/${device}`,
  setting,
  value,
});
export const add = (plan: Plan, type: string, tag?: string): Edit => {
  const fresh = newDevice(plan, 'D01', type);
  return { kind: 'addDevice', device: tag ? { ...fresh, tag, id: `D01/${tag}` } : fresh };
};
export const brief = (plan: Plan, change: object): Edit => ({
  kind: 'setDoor',
  id: 'D01',
  patch: { brief: { ...plan.doors['D01']!.brief, ...change } },
});
export const cable = (plan: Plan, name: string, change: object): Edit => ({
  kind: 'setCable',
  id: `D01/${name}`,
  cable: { ...plan.cables[`D01/${name}`]!, ...change },
});
export const crowd = (count: number): Edit[] =>
  Array.from({ length: count }, (_, n): Edit => {
    const person: Person = { ...blankPerson(`Q${n}`, `Person ${n}`), doors: ['D01'] };
    return { kind: 'addPerson', person };
  });

export const poe = () => door('magnet-poe');
export const wet = () => door('strike-wet');
export const timed = () => door('magnet-timed');
export const bus = () => door('mortise-bus');
export const operator = () => door('operator-strike');
export const dock = () => door('dock-intercom');
export const lobby = () => door('lobby-pull');
export const two = () => door('shear-two-outputs');
export const gate = () => door('gate-keypad');

/** The rule, the mistake in words, the door, and how the mistake is made. */
export type Row = readonly [FindingCode, string, () => Plan, (plan: Plan) => Edit[]];
