import { settingValue } from '../../devices/index';
import type { FunctionOf } from '../schemas';
import type { Inhabitant } from '../inhabitant';
import { factsUnder } from '../facts';
import { LEVER_MS } from '../held';
import type { Reacts } from '../answer';
import { NOTHING, type Memory, type Reaction, type Signal } from '../signal';

/** Where it stands: a bump only sounds, a push counts down once it has lasted; what is released stays so until a key re-arms it. */
type Phase = 'armed' | 'bumped' | 'pushed' | 'counting' | 'released';

/** What it remembers; `fire`: its alarm input is open; `bypassed`: somebody with a right is let through; `dead`: it has no power. */
type Egress = {
  readonly phase: Phase;
  readonly fire: boolean;
  readonly bypassed: boolean;
  readonly dead: boolean;
};
const egress = factsUnder<Egress>('egress');
type Spec = FunctionOf<'delayedEgress'>;

/** Timers: a push that has lasted; the way out that is due; a bump whose sound is over. */
const BEGINS = 'egress.begins';
const DUE = 'egress.due';
const QUIET = 'egress.quiet';
const EVERY = [BEGINS, DUE, QUIET];

/** What is done with a push on the device itself, by the name of its key. */
export const PUSH = 'push';
export const REARM = 'rearm';

const read = (memory: Memory): Egress => ({
  phase: egress.recall(memory, 'phase') ?? 'armed',
  fire: egress.recall(memory, 'fire') === true,
  bypassed: egress.recall(memory, 'bypassed') === true,
  dead: egress.recall(memory, 'dead') === true,
});

const written = (memory: Memory, now: Egress): Memory => egress.remember(memory, now);

/** True while the alarm input of a delayed egress is open. */
export const hearsFire = (memory: Memory | undefined): boolean => egress.recall(memory, 'fire') === true;

/** A phase begins: contacts and sounder follow from it. */
function to({ state, alarm }: Spec, memory: Memory, now: Egress, more: Partial<Reaction> = {}): Reaction {
  return {
    set: {
      [state]: now.phase === 'released' || now.bypassed,
      [alarm]: now.phase !== 'armed' && now.phase !== 'released',
    },
    cancel: EVERY,
    ...more,
    memory: written(memory, now),
  };
}

const ms = ({ type, device, pace = 1 }: Inhabitant, setting: string): number =>
  Number(settingValue(type, device.settings, setting)) * 1000 * pace;

/** Somebody leans on it: what lasts long enough counts down, whatever happens then. */
function pushed(spec: Spec, self: Inhabitant, memory: Memory, holds: number): Reaction {
  const now = read(memory);
  const isOpen = now.phase === 'released' || now.bypassed;
  if (now.dead || isOpen || now.phase === 'pushed' || now.phase === 'counting') return NOTHING;
  const nuisance = ms(self, spec.nuisanceSetting);
  return holds >= nuisance
    ? to(spec, memory, { ...now, phase: 'pushed' }, { timers: [{ name: BEGINS, after: nuisance }] })
    : to(spec, memory, { ...now, phase: 'bumped' }, { timers: [{ name: QUIET, after: Math.max(1, holds) }] });
}

function rearmed(spec: Spec, memory: Memory): Reaction {
  const now = read(memory);
  // While the alarm of the building lasts it stays open, key or no key; and a dead board hears no key.
  return now.fire || now.dead ? NOTHING : to(spec, memory, { ...now, phase: 'armed' });
}

function atInput(spec: Spec, self: Inhabitant, memory: Memory, signal: Extract<Signal, { kind: 'input' }>) {
  const { input, reading, before } = signal;
  const now = read(memory);
  if (reading === 'dead') return NOTHING;
  const closes = reading === 'closed' && before !== 'dead';
  if (input === spec.fire)
    return reading === 'closed'
      ? { memory: written(memory, { ...now, fire: false }) }
      : to(spec, memory, { ...now, phase: 'released', fire: true });
  if (input === spec.bypass) {
    const bypassed = reading === 'closed';
    // Who is let through ends a countdown that somebody else began, and no release that a fire or a push has brought.
    const phase = now.phase === 'released' ? 'released' : bypassed ? 'armed' : now.phase;
    return bypassed === now.bypassed ? NOTHING : to(spec, memory, { ...now, phase, bypassed });
  }
  if (input === spec.push) {
    if (closes) return pushed(spec, self, memory, Infinity);
    return now.phase === 'pushed' ? to(spec, memory, { ...now, phase: 'armed' }) : NOTHING;
  }
  return input === spec.rearm && closes ? rearmed(spec, memory) : NOTHING;
}

function atTimer(spec: Spec, self: Inhabitant, memory: Memory, name: string): Reaction {
  const now = read(memory);
  if (name === BEGINS)
    return to(
      spec,
      memory,
      { ...now, phase: 'counting' },
      { timers: [{ name: DUE, after: ms(self, spec.delaySetting) }] },
    );
  if (name === DUE) return to(spec, memory, { ...now, phase: 'released' });
  return name === QUIET ? to(spec, memory, { ...now, phase: 'armed' }) : NOTHING;
}

/** Its power is gone, or back: it has let go meanwhile, and stays so or arms itself, as a setting says. */
function atPower(spec: Spec, { type, device }: Inhabitant, memory: Memory, on: boolean): Reaction {
  if (on) return { memory: written(memory, { ...read(memory), dead: false }) };
  const arms =
    spec.backSetting !== undefined && settingValue(type, device.settings, spec.backSetting) === 'arms';
  return to(spec, memory, {
    phase: arms ? 'armed' : 'released',
    fire: false,
    bypassed: false,
    dead: true,
  });
}

export const delayedEgress: Reacts<'delayedEgress'> = (spec, self, memory, signal) => {
  switch (signal.kind) {
    case 'press':
      if (signal.key === REARM) return spec.rearm === undefined ? rearmed(spec, memory) : NOTHING;
      return spec.push === undefined ? pushed(spec, self, memory, Infinity) : NOTHING;
    case 'lever':
      // Whoever only walks against it lets go again.
      return spec.push === undefined ? pushed(spec, self, memory, LEVER_MS) : NOTHING;
    case 'input':
      return atInput(spec, self, memory, signal);
    case 'timer':
      return atTimer(spec, self, memory, signal.name);
    case 'power':
      return atPower(spec, self, memory, signal.on);
    default:
      return NOTHING;
  }
};
