import { areaOf, mm2, type Gauge } from './gauge';
import { carried, type MeasureSystem } from './sizes';
import { formatGauge } from './format';

/** A make of cable: how many cores of which size, screened or not. */
export interface CableMake {
  readonly id: string;
  readonly cores: number;
  readonly gauge: Gauge;
  readonly screened: boolean;
  /** Cores laid in pairs: for a bus, and for network. */
  readonly pairs: boolean;
  readonly name: string;
}

/** `0.5` of a metric make, `18AWG` of an American one: ids of the metric ones stand in every older file. */
const sizeInId = (gauge: Gauge): string => gauge.replace('mm2', '');

const make = (cores: number, gauge: Gauge, screened: boolean, pairs: boolean): CableMake => ({
  id: `${cores}x${sizeInId(gauge)}${screened ? 's' : ''}${pairs ? 'p' : ''}`,
  cores,
  gauge,
  screened,
  pairs,
  name: [
    `${pairs ? `${cores / 2} × 2` : cores} × ${gauge.endsWith('mm2') ? `${sizeInId(gauge)} mm²` : formatGauge(gauge)}`,
    ...(screened ? ['screened'] : []),
    ...(pairs ? ['twisted pairs'] : []),
  ].join(', '),
});

/** What is carried, thinnest first within a kind, by the metric size: plain ones for power, screened ones for data and audio. */
const CARRIED: readonly (readonly [area: number, cores: readonly number[], kind: '' | 's' | 'sp'])[] = [
  [0.22, [2, 4, 6, 8, 12], 's'],
  [0.22, [2, 4, 6, 8, 12], ''],
  [0.34, [2, 4], 'sp'],
  [0.5, [4, 6, 8, 12], 's'],
  [0.5, [2, 4, 6, 8], ''],
  [1, [2, 3, 4, 7], ''],
  [1.5, [2, 3, 4, 7], ''],
  [2.5, [2, 4], ''],
];

const makesOf = (system: MeasureSystem): CableMake[] =>
  CARRIED.flatMap(([area, cores, kind]) =>
    cores.map((count) => make(count, carried(system, mm2(area)), kind.includes('s'), kind.includes('p'))),
  );

/** Cables that an installer carries, by what a site measures in. */
export const CABLE_MAKES: Readonly<Record<MeasureSystem, readonly CableMake[]>> = {
  metric: makesOf('metric'),
  american: makesOf('american'),
};

const byId = new Map([...CABLE_MAKES.metric, ...CABLE_MAKES.american].map((one) => [one.id, one]));
export const findCableMake = (id: string): CableMake | undefined => byId.get(id);

/** What the conductors of one route ask of a cable; `area` in mm². */
export interface CableNeed {
  readonly cores: number;
  readonly area: number;
  readonly screened: boolean;
  readonly pairs: boolean;
}

/** The least cable that suits: enough cores, thick enough, screened where asked; null where no single one does. */
export function chooseCable(need: CableNeed, system: MeasureSystem): CableMake | null {
  const fits = CABLE_MAKES[system].filter(
    (one) =>
      one.cores >= need.cores &&
      areaOf(one.gauge) >= need.area - 1e-9 &&
      (one.screened || !need.screened) &&
      (one.pairs || !need.pairs),
  );
  const copper = (one: CableMake) =>
    one.cores * areaOf(one.gauge) + (one.screened && !need.screened ? 10 : 0);
  return fits.sort((a, b) => copper(a) - copper(b))[0] ?? null;
}
