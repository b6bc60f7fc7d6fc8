import { allConductors, deviceOf, type Edit, findTypeIn, pinOf, terminalLabel } from '../../plan/index';
import { areaOf, SHELF_SIZES } from '../../units/index';
import { onTerminal, onWire } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A conductor thicker or thinner than its terminal takes. */
const terminalSizes: Analysis<'plan' | 'door'> = ({ plan, door }) =>
  allConductors(plan).flatMap((wire): Violation[] => {
    if (wire.door !== door.id) return [];
    return [wire.from, wire.to].flatMap((end): Violation[] => {
      const type = findTypeIn(plan, plan.devices[deviceOf(end)]?.type ?? '');
      const sizes = type?.terminals.find(({ id }) => id === pinOf(end))?.sizes;
      const area = areaOf(wire.gauge);
      if (!sizes || (area >= sizes[0] - 1e-9 && area <= sizes[1] + 1e-9)) return [];
      const thick = area > sizes[1];
      const shelf = SHELF_SIZES[plan.site.units];
      const nearest = thick
        ? [...shelf].reverse().find((size) => areaOf(size) <= sizes[1])
        : shelf.find((size) => areaOf(size) >= sizes[0]);
      const values = {
        wire: wire.number,
        terminal: terminalLabel(plan, end, door.id),
        measured: area,
        limit: thick ? sizes[1] : sizes[0],
        side: thick ? 'thick' : 'thin',
      };
      // Pigtails end in a connector that takes more than the lead itself.
      const pigtail = type?.terminals.find(({ id }) => id === pinOf(end))?.form === 'pigtail';
      if (pigtail && area <= 2.5) return [];
      const remedy: Edit | null = nearest
        ? { kind: 'setConductor', id: wire.id, patch: { gauge: nearest } }
        : null;
      return [
        violation('size-outside-terminal', [onWire(wire.id), onTerminal(end)], values, {
          ...(remedy ? { remedy } : {}),
          severity: thick ? 'fix' : 'caution',
        }),
      ];
    });
  });

export const sizeOutsideTerminal = rule({
  code: 'size-outside-terminal',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: terminalSizes,
});
