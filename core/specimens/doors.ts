import '../devices/library/index';
import { HARDWARE_SETS, hardwareEdit, newDevice } from '../brief/index';
import { autowire } from '../autowire/index';
import { applyEdit, emptyPlan, EMPTY_BRIEF, type Brief, type Edit, type Plan } from '../plan/index';
import { metres } from '../units/index';

/** Applies edits that must succeed. Throws with the refusal otherwise. */
export function mustApply(plan: Plan, ...edits: Edit[]): Plan {
  return edits.reduce((current, edit) => {
    const result = applyEdit(current, edit);
    if (!result.ok) throw new Error(JSON.stringify(result.refusal));
    return result.plan;
  }, plan);
}

export const MAGNET_BRIEF: Brief = {
  ...EMPTY_BRIEF,
  assumed: [],
  protects: 'general',
  escapeRoute: true,
  mechanicalEgress: false,
  rescuers: true,
  keyOverride: null,
  fireDoor: false,
  ownLatch: null,
  bothLeaves: null,
  delayedEgress: null,
};

export const STRIKE_BRIEF: Brief = {
  ...EMPTY_BRIEF,
  assumed: [],
  protects: 'valuables',
  escapeRoute: true,
  mechanicalEgress: true,
  rescuers: false,
  keyOverride: null,
  fireDoor: false,
  ownLatch: null,
  bothLeaves: null,
  delayedEgress: null,
};

/** A door with a hardware set, wired by its templates. */
export function wiredDoor(
  setId: string,
  brief: Brief,
  plan = emptyPlan('test', 'Test site'),
  id = 'D01',
): Plan {
  const set = HARDWARE_SETS.find((one) => one.id === setId);
  if (!set) throw new Error(`no hardware set ${setId}`);
  const door = {
    id,
    order: Object.keys(plan.doors).length + 1,
    name: `Door ${id}`,
    // Where the way out is delayed somebody has said that it may be.
    brief: set.id === 'magnet-delayed' ? { ...brief, delayedEgress: brief.delayedEgress ?? 15 } : brief,
    deadState: { state: set.deadState, overrideReason: null, by: 'test' },
    schools: {},
    freePassage: null,
    openingHours: null,
    expectations: [],
    notes: '',
    lastWire: 0,
  };
  const withDoor = mustApply(plan, { kind: 'addDoor', door });
  const equipped = mustApply(withDoor, hardwareEdit(withDoor, id, set));
  return mustApply(equipped, autowire(equipped, id, metres(12)).edit);
}

export const magnetDoor = (): Plan => wiredDoor('magnet-controller', MAGNET_BRIEF);
export const strikeDoor = (): Plan => wiredDoor('strike-keypad', STRIKE_BRIEF);
export const safeStrikeDoor = (): Plan => wiredDoor('strike-keypad-safe', MAGNET_BRIEF);

/** Hardware that a busy lobby has beside its set. */
export const BUSY_LOBBY = [
  'exit-motion',
  'exit-button-lit',
  'bell-button',
  'chime',
  'varistor-18v',
  'exit-touchless',
];

/** A lobby door with a pull station and more hardware; with all of it, more than forty wires. */
export function lobbyDoor(...types: string[]): Plan {
  const equipped = types.reduce(
    (plan, type) => mustApply(plan, { kind: 'addDevice', device: newDevice(plan, 'D01', type) }),
    wiredDoor('lobby-pull', MAGNET_BRIEF),
  );
  return mustApply(equipped, autowire(equipped, 'D01', metres(12)).edit);
}

/** The wire between two terminals of door D01, written `PS1.+V`. Throws where there is none. */
export function wireBetween(plan: Plan, one: string, two: string): string {
  const ends = [`D01/${one}`, `D01/${two}`];
  const found = Object.values(plan.conductors).find((c) => ends.includes(c.from) && ends.includes(c.to));
  if (!found) throw new Error(`no wire ${one} – ${two}`);
  return found.id;
}
