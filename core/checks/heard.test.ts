import { describe, expect, it } from 'vitest';
import { doorParts } from '../door/index';
import { typeIn, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { door } from '../specimens/ruleEdits';
import { siteOf } from '../specimens/site';
import { checkContext, runRules } from './index';

const codes = (plan: Plan, id = 'D01') => runRules(checkContext(plan, id)).map(({ code }) => code);

describe('the contact of a lever', () => {
  const plan = door('mortise-bus');
  const wires = Object.values(plan.conductors).filter(({ from, to }) =>
    [from, to].some((end) => end === 'D01/L1.LEVER' || end === 'D01/L1.COM'),
  );
  it('is told where any of its cores is off, and where none is on', () => {
    expect(codes(plan)).not.toContain('lever-unheard');
    const [lever] = wires.filter(({ from, to }) => [from, to].some((end) => end === 'D01/L1.LEVER'));
    expect(codes(mustApply(plan, { kind: 'disconnect', id: lever!.id }))).toContain('lever-unheard');
  });
});

describe('a controller whose type names no switches', () => {
  it('still has a channel for each of its doors', () => {
    const plan = siteOf({ doors: 2, sets: ['magnet-controller'] });
    const decider = doorParts(plan, 'D001').decider!;
    const { switches: _gone, ...roles } = typeIn(plan, decider.device).roles;
    const type = { ...typeIn(plan, decider.device), id: 'own@1', roles };
    // The second door's reader, exit and contact on the second channel of the first door's controller.
    const bare: Plan = {
      ...plan,
      types: { ...plan.types, [type.id]: type },
      devices: { ...plan.devices, [decider.device.id]: { ...decider.device, type: type.id } },
    };
    expect(doorParts(bare, 'D001').channel).toBe(0);
    const inputs = type.roles.exitInputs!;
    const moved = mustApply(
      bare,
      ...Object.values(bare.conductors)
        .filter(({ door: id }) => id === 'D002')
        .flatMap((wire) =>
          (['from', 'to'] as const).flatMap((end) =>
            wire[end] === `D002/K1.${inputs[0]!.input}`
              ? [
                  {
                    kind: 'setConductor' as const,
                    id: wire.id,
                    patch: { [end]: `${decider.device.id}.${inputs[1]!.input}` },
                  },
                ]
              : [],
          ),
        ),
      { kind: 'removeDevice', id: 'D002/K1' },
    );
    expect(doorParts(moved, 'D002').channel).toBe(1);
  });
});
