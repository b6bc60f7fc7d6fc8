import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import type { Edit, Plan, Region } from '../plan/index';
import { metres } from '../units/index';
import { MAGNET_BRIEF, mustApply, wiredDoor } from './doors';
import { brief, set } from './ruleEdits';
import { spotted, type SpottedMistake } from './spotted';

/** A magnet door in a region, with what it has instead of its touchless exit and its break glass, wired by Aldaba. */
export function magnetIn(region: Region, ...instead: readonly string[]): Plan {
  const wired = wiredDoor('magnet-controller', MAGNET_BRIEF);
  const bare: Edit[] = [
    { kind: 'setSite', patch: { region } },
    { kind: 'removeDevice', id: 'D01/X1' },
    { kind: 'removeDevice', id: 'D01/EB1' },
  ];
  const equipped = instead.reduce(
    (plan, type) => mustApply(plan, { kind: 'addDevice', device: newDevice(plan, 'D01', type) }),
    mustApply(wired, ...bare),
  );
  return mustApply(equipped, autowire(equipped, 'D01', metres(12)).edit);
}

/** As it is asked for across the Atlantic: a sensor that fails safe, and a button with a time of its own. */
export const american = (): Plan => magnetIn('north-america', 'exit-motion-failsafe', 'exit-button-timed');
/** As it is asked for in most other places. */
const british = (): Plan => mustApply(magnetIn('uk', 'exit-button', 'break-glass-double'), ENERGISED);

const ENERGISED: Edit = set('F1', 'coil', 'at-rest');

/** What a region asks and the same door elsewhere need not have. */
export const REGION_MISTAKES: readonly SpottedMistake[] = [
  spotted('no-manual-release', 'stop', 'D01', 'a button that stays in too short', american, () => [
    set('X2', 'hold', 5),
  ]),
  spotted('no-manual-release', 'stop', 'D01', 'a timed button beside the lock power', american, (plan) => [
    ...bypassed(plan, 'X2'),
  ]),
  spotted('sensor-loss-holds', 'fix', 'X1', 'a sensor that only asks the controller', american, (plan) => [
    ...bypassed(plan, 'X1'),
  ]),
  spotted('two-motions', 'fix', 'D01', 'a latch beside the magnet', buttonOnly, (plan) => [
    brief(plan, { ownLatch: true }),
  ]),
  spotted('two-motions', 'caution', 'D01', 'the same where it is to be confirmed', british, (plan) => [
    brief(plan, { ownLatch: true }),
  ]),
  spotted('delay-beyond-region', 'caution', 'D01', 'a delay of half a minute', american, (plan) => [
    brief(plan, { delayedEgress: 30 }),
  ]),
  spotted('fire-line-silent', 'fix', 'F1', 'a coil that an alarm energises', british, () => [
    set('F1', 'coil', 'on-alarm'),
  ]),
  spotted('fire-line-silent', 'caution', 'F1', 'a coil of which nobody has said anything', british, () => [
    set('F1', 'coil', 'unsaid'),
  ]),
];

function buttonOnly(): Plan {
  return magnetIn('north-america', 'exit-button-timed');
}

/** The pole of an exit taken out of the lock's power: a wire leads past it. */
function bypassed(plan: Plan, tag: string): Edit[] {
  const wires = Object.values(plan.conductors);
  const [com, away] = [`D01/${tag}.2C`, tag === 'X1' ? `D01/${tag}.2NO` : `D01/${tag}.2NC`];
  const into = wires.find(({ to, from }) => to === com || from === com)!;
  const out = wires.find(({ to, from }) => to === away || from === away)!;
  const end = out.from === away ? 'from' : 'to';
  return [
    { kind: 'setConductor', id: out.id, patch: { [end]: into.to === com ? into.from : into.to } },
    { kind: 'disconnect', id: into.id },
  ];
}
