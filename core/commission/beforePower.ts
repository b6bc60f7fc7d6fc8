import { terminalId, type TerminalId } from '../plan/index';
import { measureAllOhms } from '../circuit/index';
import type { CheckContext } from '../checks/index';
import type { Leg, RoundLoop } from '../loops/index';
import { label, OPEN_OHMS, TOLERANCE, type CheckItem } from './checkItem';

/** Supplies off, meter on ohms: every leg of every loop, and no short across a supply. */
export function beforePower(context: CheckContext): CheckItem[] {
  const { loops, world, parts } = context;
  const legs = loops.flatMap((loop) =>
    loop.shape !== 'round' || loop.source.part === ''
      ? []
      : legsOf(loop)
          .filter(([leg]) => leg.complete && leg.steps.length > 0)
          .map(([, ends, name]) => ({ loop, ends, name })),
  );
  const supplies = parts.supplies.flatMap(({ device, type }) => {
    const ends = type.roles.supply;
    return ends
      ? [{ device, ends: [terminalId(device.id, ends.plus), terminalId(device.id, ends.minus)] as const }]
      : [];
  });
  const ohms = measureAllOhms(
    world.netlist,
    [...legs, ...supplies].map(({ ends }) => ends),
  );
  return [
    ...legs.map(({ loop, ends, name }, index): CheckItem => {
      const expected = ohms[index]!;
      const open = !Number.isFinite(expected) || expected > OPEN_OHMS;
      return {
        id: `ohms:${ends[0]}:${ends[1]}`,
        phase: 'before-power',
        task: open ? 'contact-open' : 'leg-continuity',
        unit: 'Ω',
        where: ends.map((end) => label(context, end)),
        values: { loop: loop.letter, kind: loop.kind, leg: name },
        expected,
        low: open ? OPEN_OHMS : 0,
        high: open ? null : expected + TOLERANCE.ohms(expected),
      };
    }),
    ...supplies.map(({ device, ends }, index): CheckItem => {
      const expected = ohms[legs.length + index]!;
      return {
        id: `short:${device.id}`,
        phase: 'before-power',
        task: 'supply-not-shorted',
        unit: 'Ω',
        where: ends.map((end) => label(context, end)),
        values: { tag: device.tag },
        expected,
        low: Number.isFinite(expected) ? expected * 0.7 : OPEN_OHMS,
        high: null,
      };
    }),
  ];
}

const legsOf = (loop: RoundLoop): [Leg, [TerminalId, TerminalId], string][] => [
  [loop.supply, [loop.source.top, loop.load.top], 'out'],
  [loop.back, [loop.load.bottom, loop.source.bottom], 'back'],
];
