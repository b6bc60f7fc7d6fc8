import { does } from '../../devices/index';
import type { RoundLoop } from '../../loops/index';
import { type Edit, findTypeIn, terminalId, type TerminalId, terminalLabel } from '../../plan/index';
import type { CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { missingPiece } from './missingPiece';
import { notWired } from './notWired';

/** A loop that does not close: named where it stops, with the wire that would close it. */
export const brokenLoops: Analysis = (context) => {
  const { plan, door, loops, parts } = context;
  // A door that is not wired yet is to be wired: that is one finding of its own.
  if (notWired(context)) return [];
  return loops.flatMap((loop): Violation[] => {
    if (loop.shape === 'bundle' || loop.complete || isBareSensor(context, loop)) return [];
    return [loop.supply, loop.back].flatMap((leg, index): Violation[] => {
      if (leg.complete || loop.source.part === '') return [];
      const supplySide = index === 0;
      const near = supplySide
        ? (leg.near.at(-1)?.to ?? loop.source.top)
        : (leg.near.at(-1)?.to ?? loop.load.bottom);
      const [left, right] = supplySide
        ? [near, leg.far[0]?.from ?? loop.load.top]
        : [leg.far.at(-1)?.to ?? loop.load.bottom, leg.near[0]?.from ?? loop.source.bottom];
      const com = parts.decider?.type.roles.switches?.[parts.channel]?.com;
      const atCommon = parts.decider && com && right === terminalId(parts.decider.device.id, com);
      return [
        violation(
          atCommon && loop.kind === 'lock-power' ? 'link-missing' : 'loop-broken',
          [
            { kind: 'terminal', id: left },
            { kind: 'terminal', id: right },
            { kind: 'device', id: loop.load.device },
          ],
          {
            from: terminalLabel(plan, left, door.id),
            to: terminalLabel(plan, right, door.id),
            tag: plan.devices[loop.load.device]?.tag ?? '',
            kind: loop.kind,
          },
          gap(context, left, right),
        ),
      ];
    });
  });
};

/** The missing piece of the real loop as the remedy, where there is one. */
function gap(context: CheckContext, left: TerminalId, right: TerminalId): { remedy?: Edit } {
  const remedy = context.trial ? null : missingPiece(context, left, right);
  return remedy ? { remedy } : {};
}

/** A sensor without supply has a finding of its own, which says what it needs. */
const isBareSensor = ({ plan, wiresAt }: CheckContext, { kind, load }: RoundLoop): boolean =>
  kind === 'feed' &&
  does(findTypeIn(plan, plan.devices[load.device]?.type ?? '') ?? { functions: [] }, 'sensor') &&
  [load.top, load.bottom].some((end) => wiresAt(end).length === 0);
