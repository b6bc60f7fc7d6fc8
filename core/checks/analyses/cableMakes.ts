import { type Conductor, conductorsOf, type Edit } from '../../plan/index';
import { areaOf, chooseCable, findCableMake } from '../../units/index';
import { onWire } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { carriedBy } from './carriedBy';

/** Cables with more wires than cores, of another size, or without the screen that data and sound want. */
export const cableMakes: Analysis = (context) => {
  const { plan, door } = context;
  const byCable = new Map<string, Conductor[]>();
  for (const wire of conductorsOf(plan, door.id)) {
    if (wire.cable !== '') byCable.set(wire.cable, [...(byCable.get(wire.cable) ?? []), wire]);
  }
  return [...byCable].flatMap(([name, wires]): Violation[] => {
    const cable = plan.cables[`${door.id}/${name}`];
    const make = cable && findCableMake(cable.make);
    if (!cable || !make) return [];
    const at = wires.map((wire) => onWire(wire.id));
    const better = chooseCable(
      {
        cores: wires.length,
        area: Math.max(...wires.map((wire) => areaOf(wire.gauge))),
        screened: wires.some((wire) => carriedBy(context, wire) !== null),
        pairs: false,
      },
      plan.site.units,
    );
    const remedy: { remedy?: Edit } = better
      ? {
          remedy: {
            kind: 'setCable',
            id: cable.id,
            cable: { ...cable, make: better.id, screen: better.screened ? 'enclosure' : 'none' },
          },
        }
      : {};
    const findings: Violation[] = [];
    const values = { cable: name, make: make.name };
    if (wires.length > make.cores)
      findings.push(
        violation('cable-overfull', at, { ...values, measured: wires.length, limit: make.cores }, remedy),
      );
    const odd = wires.filter((wire) => Math.abs(areaOf(wire.gauge) - areaOf(make.gauge)) > 1e-6);
    if (odd.length > 0)
      findings.push(
        violation(
          'cable-size-differs',
          odd.map((wire) => onWire(wire.id)),
          {
            ...values,
            wires: odd.map((wire) => wire.number).join(', '),
          },
        ),
      );
    const wanting = wires.filter((wire) => carriedBy(context, wire) !== null);
    if (wanting.length > 0 && !make.screened)
      findings.push(
        violation(
          'screen-missing',
          at,
          { ...values, wires: wanting.map((w) => w.number).join(', ') },
          remedy,
        ),
      );
    const right: Edit = { kind: 'setCable', id: cable.id, cable: { ...cable, screen: 'enclosure' } };
    if (make.screened && cable.screen === 'both')
      findings.push(violation('screen-both-ends', at, values, { remedy: right }));
    if (make.screened && cable.screen === 'none' && wanting.length > 0)
      findings.push(violation('screen-unearthed', at, values, { remedy: right }));
    return findings;
  });
};
