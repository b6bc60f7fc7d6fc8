import { type TerminalId, deviceOf, terminalLabel, type DoorId, type Plan } from '../plan/index';
import type { Leg, LegStep, Loop } from './loop';

/** One clause of a loop told in words; the interface supplies the verbs. */
export type LoopWord =
  | {
      readonly kind: 'wire';
      readonly number: string;
      readonly colour: string;
      readonly from: string;
      readonly to: string;
    }
  | { readonly kind: 'through'; readonly tag: string; readonly from: string; readonly to: string }
  | { readonly kind: 'load'; readonly tag: string }
  | { readonly kind: 'gap'; readonly after: string };

/** A loop as an installer would read it aloud, from its source, out and back. */
export function loopWords(plan: Plan, door: DoorId, loop: Loop): LoopWord[] {
  const label = (terminal: TerminalId) => terminalLabel(plan, terminal, door);
  const word = (step: LegStep): LoopWord => {
    if (step.kind === 'through') {
      const tag = plan.devices[step.device]?.tag ?? step.device;
      return { kind: 'through', tag, from: label(step.from), to: label(step.to) };
    }
    const wire = plan.conductors[step.conductor];
    return {
      kind: 'wire',
      number: wire?.number ?? '',
      colour: wire?.colour ?? 'BK',
      from: label(step.from),
      to: label(step.to),
    };
  };
  if (loop.shape === 'bundle') {
    return loop.lines.map(({ conductor, left, right }) =>
      word({ kind: 'wire', conductor, from: left, to: right }),
    );
  }
  const leg = (of: Leg, start: TerminalId): LoopWord[] =>
    of.complete
      ? of.steps.map(word)
      : [
          ...of.near.map(word),
          { kind: 'gap', after: label(of.near.at(-1)?.to ?? start) },
          ...of.far.map(word),
        ];
  return [
    ...leg(loop.supply, loop.source.top),
    { kind: 'load', tag: plan.devices[deviceOf(loop.load.top)]?.tag ?? '' },
    ...leg(loop.back, loop.load.bottom),
  ];
}
