import { INTERFACES, type InterfaceId } from '../devices/index';
import { legWires, type Loop } from '../loops/index';
import {
  conductorsOf,
  deviceOf,
  findTypeIn,
  pinOf,
  type Conductor,
  type Edit,
  type Plan,
} from '../plan/index';
import { areaOf, chooseCable, findCableMake } from '../units/index';
import { finder, onDevice, onWire, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const find = finder('W', 'wire');
const data = finder('D', 'wire');

const SCREEN_WANTED = new Set(['data', 'bus', 'audio']);

const worksCoil = (plan: Plan, { from, to }: Conductor): boolean =>
  [from, to].some((end) => {
    const { coil } = findTypeIn(plan, plan.devices[deviceOf(end)]?.type ?? '')?.roles ?? {};
    return coil !== undefined && [coil.plus, coil.minus].includes(pinOf(end));
  });

/** What a conductor carries, by the terminals it lands on. */
export function carriedBy({ plan }: Pick<CheckContext, 'plan'>, wire: Conductor): string | null {
  // A relay's own wire may land on an intercom's common: it carries no speech for that.
  if (worksCoil(plan, wire)) return null;
  for (const end of [wire.from, wire.to]) {
    const type = findTypeIn(plan, plan.devices[deviceOf(end)]?.type ?? '');
    const carries = type?.terminals.find(({ id }) => id === pinOf(end))?.carries;
    if (carries && SCREEN_WANTED.has(carries)) return carries;
  }
  return null;
}

/** Cables with more wires than cores, of another size, or without the screen that data and sound want. */
export const cableMakes: Check = (context) => {
  const { plan, door } = context;
  const byCable = new Map<string, Conductor[]>();
  for (const wire of conductorsOf(plan, door.id)) {
    if (wire.cable !== '') byCable.set(wire.cable, [...(byCable.get(wire.cable) ?? []), wire]);
  }
  return [...byCable].flatMap(([name, wires]): Finding[] => {
    const cable = plan.cables[`${door.id}/${name}`];
    const make = cable && findCableMake(cable.make);
    if (!cable || !make) return [];
    const at = wires.map((wire) => onWire(wire.id));
    const better = chooseCable({
      cores: wires.length,
      area: Math.max(...wires.map((wire) => areaOf(wire.gauge))),
      screened: wires.some((wire) => carriedBy(context, wire) !== null),
      pairs: false,
    });
    const remedy: { remedy?: Edit } = better
      ? {
          remedy: {
            kind: 'setCable',
            id: cable.id,
            cable: { ...cable, make: better.id, screen: better.screened ? 'enclosure' : 'none' },
          },
        }
      : {};
    const findings: Finding[] = [];
    const values = { cable: name, make: make.name };
    if (wires.length > make.cores)
      findings.push(
        find(
          'cable-overfull',
          'fix',
          'physics',
          at,
          { ...values, measured: wires.length, limit: make.cores },
          remedy,
        ),
      );
    const odd = wires.filter((wire) => Math.abs(areaOf(wire.gauge) - areaOf(make.gauge)) > 1e-6);
    if (odd.length > 0)
      findings.push(
        find(
          'cable-size-differs',
          'caution',
          'practice',
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
        data(
          'screen-missing',
          'caution',
          'practice',
          at,
          { ...values, wires: wanting.map((w) => w.number).join(', ') },
          remedy,
        ),
      );
    const right: Edit = { kind: 'setCable', id: cable.id, cable: { ...cable, screen: 'enclosure' } };
    if (make.screened && cable.screen === 'both')
      findings.push(data('screen-both-ends', 'fix', 'practice', at, values, { remedy: right }));
    if (make.screened && cable.screen === 'none' && wanting.length > 0)
      findings.push(data('screen-unearthed', 'caution', 'practice', at, values, { remedy: right }));
    return findings;
  });
};

/** Release wires in one cable with speech: they hum. */
export const releaseBesideAudio: Check = (context) => {
  const { plan, door } = context;
  const wires = conductorsOf(plan, door.id);
  const spoken = new Set(
    wires.filter((wire) => carriedBy(context, wire) === 'audio').map((wire) => wire.cable),
  );
  const beside = wires.filter((wire) => wire.cable !== '' && spoken.has(wire.cable) && worksCoil(plan, wire));
  if (beside.length === 0) return [];
  const values = { cable: beside[0]!.cable, wires: beside.map((wire) => wire.number).join(', ') };
  return [
    find(
      'release-beside-audio',
      'caution',
      'practice',
      beside.map((wire) => onWire(wire.id)),
      values,
    ),
  ];
};

const interfaceOf: Partial<Record<Loop['kind'], InterfaceId>> = {
  data: 'wiegand',
  exit: 'dry-input',
  contact: 'dry-input',
  signal: 'dry-input',
  audio: 'audio',
};

/** A pair longer than its interface carries. A bus is measured as a whole elsewhere. */
export const interfaceLength: Check = ({ loops, plan }) =>
  loops.flatMap((loop): Finding[] => {
    const id = interfaceOf[loop.kind];
    if (!id) return [];
    const wires =
      loop.shape === 'bundle'
        ? loop.lines.map(({ conductor }) => conductor).slice(0, 1)
        : legWires(loop.supply);
    const measured = wires.reduce((sum, wire) => sum + (plan.conductors[wire]?.length ?? 0), 0);
    const limit = INTERFACES[id].metres;
    if (measured <= limit) return [];
    const device = loop.shape === 'bundle' ? loop.left : loop.load.device;
    return [
      data('interface-too-long', 'fix', 'rating', [onDevice(device), ...wires.map(onWire)], {
        tag: plan.devices[device]?.tag ?? '',
        kind: id,
        measured,
        limit,
      }),
    ];
  });

export const cableChecks: readonly Check[] = [cableMakes, releaseBesideAudio, interfaceLength];
