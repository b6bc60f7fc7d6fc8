import { lockDeadState } from '../../door/index';
import type { RoundLoop } from '../../loops/index';
import { asksOf } from '../../regions/index';
import { leverOpens } from '../../simulate/index';
import type { CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { doorSubject } from './doorSubject';

/** The emergency break: there, in the lock's own power, in both legs. */
export const breakGlass: Analysis = (context) => {
  const { parts, loops, plan } = context;
  const magnets = parts.locks.filter((lock) => lockDeadState(plan, lock) === 'fail-safe');
  if (magnets.length === 0 || leverOpens(context.world)) return [];
  // Where a button is asked for instead, that is looked at by itself.
  const isAsked = asksOf(plan).manualRelease.by === 'break-glass';
  if (parts.breakGlasses.length === 0)
    return isAsked ? [violation('no-break-glass', doorSubject(context))] : [];
  // A double magnet has a loop for each winding; they are broken together or not at all.
  const seen = new Set<string>();
  return loops.flatMap((loop): Violation[] => {
    if (loop.shape !== 'round' || loop.kind !== 'lock-power' || !loop.complete) return [];
    if (seen.has(loop.load.device)) return [];
    seen.add(loop.load.device);
    const legs = [loop.supply, loop.back].map((leg) => glassesIn(leg, context));
    const tags = [...new Set(legs.flat())].map((id) => plan.devices[id]?.tag ?? id).join(', ');
    const subject = [{ kind: 'device', id: loop.load.device } as const];
    const lock = plan.devices[loop.load.device]?.tag ?? '';
    if (legs.every((leg) => leg.length === 0)) {
      const glass = parts.breakGlasses[0]?.device;
      return [
        violation('break-not-in-lock-power', [{ kind: 'device', id: glass?.id ?? '' }], {
          tag: glass?.tag ?? '',
          lock,
        }),
      ];
    }
    if (legs.some((leg) => leg.length === 0))
      return [violation('break-in-one-leg', subject, { tag: tags, lock })];
    return [violation('break-both-legs', subject, { tag: tags, lock })];
  });
};

function glassesIn(leg: RoundLoop['supply'], { parts }: CheckContext): string[] {
  const glasses = new Set(parts.breakGlasses.map(({ device }) => device.id));
  return leg.complete
    ? leg.steps.flatMap((step) => (step.kind === 'through' && glasses.has(step.device) ? [step.device] : []))
    : [];
}
