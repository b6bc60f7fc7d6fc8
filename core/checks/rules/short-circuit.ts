import { bridge } from '../analyses/bridge';
import { sourcesOf } from '../analyses/sourcesOf';
import { spot } from '../analyses/spot';
import { takeOut } from '../analyses/takeOut';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Wires alone that join plus and minus of one source: a short that no switch can open. */
const shorts: Analysis = (context) =>
  sourcesOf(context).flatMap(({ plus, minus, tag }): Violation[] => {
    if (context.groupOf(plus) !== context.groupOf(minus)) return [];
    const wire = bridge(context, plus, minus);
    const number = wire ? (context.plan.conductors[wire]?.number ?? '') : '';
    return [violation('short-circuit', spot(wire, plus), { tag, wire: number }, takeOut(wire))];
  });

export const shortCircuit = rule({
  code: 'short-circuit',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: shorts,
});
