import { deviceOf, type TerminalId } from '../plan/index';
import type { Leg, LegStep } from '../loops/index';

/** A device that a leg passes: by a step through it, or only at a terminal where two wires meet. */
export interface Pass {
  readonly device: string;
  readonly terminal: TerminalId;
  readonly step: Extract<LegStep, { kind: 'through' }> | null;
}

/** What joins one pass to the next. */
export type Join =
  | { readonly kind: 'wire'; readonly conductor: string }
  | { readonly kind: 'gap'; readonly after: TerminalId }
  | { readonly kind: 'inside' };

/** A leg from left to right: `joins` has one more entry than `passes`. */
export interface LegPlan {
  readonly passes: readonly Pass[];
  readonly joins: readonly Join[];
}

/** Lays a leg out. `start` is the terminal it leaves at the left, where it is broken at once. */
export function planLeg(leg: Leg, start: TerminalId): LegPlan {
  const passes: Pass[] = [];
  const joins: Join[] = [];
  let open = true;
  const pass = (one: Pass) => {
    if (open) joins.push({ kind: 'inside' });
    passes.push(one);
    open = true;
  };
  const join = (one: Join) => {
    joins.push(one);
    open = false;
  };
  const walk = (steps: readonly LegStep[]) => {
    for (const step of steps) {
      if (step.kind === 'through') {
        const last = passes.at(-1);
        if (open && last?.device === step.device && last.step) {
          // In at one terminal, through a joint and a contact, out at another: one pass with the contact drawn.
          passes[passes.length - 1] = { ...last, step: { ...step, from: last.step.from } };
          continue;
        }
        pass({ device: step.device, terminal: step.from, step });
        continue;
      }
      if (!open) pass({ device: deviceOf(step.from), terminal: step.from, step: null });
      join({ kind: 'wire', conductor: step.conductor });
    }
  };
  if (leg.complete) walk(leg.steps);
  else {
    walk(leg.near);
    const end = leg.near.at(-1)?.to;
    if (end !== undefined && !open) pass({ device: deviceOf(end), terminal: end, step: null });
    join({ kind: 'gap', after: end ?? start });
    const resume = leg.far[0];
    if (resume?.kind === 'wire') pass({ device: deviceOf(resume.from), terminal: resume.from, step: null });
    walk(leg.far);
  }
  if (open) joins.push({ kind: 'inside' });
  return { passes, joins };
}

/** A column of a drawing: a device passed by the upper leg, the lower one, or both. */
export interface Column {
  readonly upper: number | null;
  readonly lower: number | null;
}

/** Puts both legs on common columns, so that a double-pole device stands once, across both. */
export function mergeColumns(upper: readonly Pass[], lower: readonly Pass[]): Column[] {
  const columns: Column[] = [];
  let next = 0;
  upper.forEach((pass, index) => {
    const match = lower.findIndex((other, at) => at >= next && other.device === pass.device);
    if (match < 0) {
      columns.push({ upper: index, lower: null });
      return;
    }
    for (; next < match; next += 1) columns.push({ upper: null, lower: next });
    columns.push({ upper: index, lower: match });
    next = match + 1;
  });
  for (; next < lower.length; next += 1) columns.push({ upper: null, lower: next });
  return columns;
}
