import { areaOf, mm2, type Gauge } from './gauge';

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

const make = (cores: number, area: number, screened: boolean, pairs = false): CableMake => ({
  id: `${cores}x${area}${screened ? 's' : ''}${pairs ? 'p' : ''}`,
  cores,
  gauge: mm2(area),
  screened,
  pairs,
  name: `${pairs ? `${cores / 2} × 2` : cores} × ${area} mm²${screened ? ', screened' : ''}${pairs ? ', twisted pairs' : ''}`,
});

/** Cables an installer carries, thinnest first within a size. Plain ones for power, screened ones for data and audio. */
export const CABLE_MAKES: readonly CableMake[] = [
  ...[2, 4, 6, 8, 12].map((cores) => make(cores, 0.22, true)),
  ...[2, 4, 6, 8, 12].map((cores) => make(cores, 0.22, false)),
  ...[2, 4].map((cores) => make(cores, 0.34, true, true)),
  ...[4, 6, 8, 12].map((cores) => make(cores, 0.5, true)),
  ...[2, 4, 6, 8].map((cores) => make(cores, 0.5, false)),
  ...[2, 3, 4, 7].map((cores) => make(cores, 1, false)),
  ...[2, 3, 4, 7].map((cores) => make(cores, 1.5, false)),
  ...[2, 4].map((cores) => make(cores, 2.5, false)),
];

const byId = new Map(CABLE_MAKES.map((one) => [one.id, one]));
export const findCableMake = (id: string): CableMake | undefined => byId.get(id);

/** What the conductors of one route ask of a cable. */
export interface CableNeed {
  readonly cores: number;
  readonly area: number;
  readonly screened: boolean;
  readonly pairs: boolean;
}

/** The least cable that suits: enough cores, thick enough, screened where asked; null where no single one does. */
export function chooseCable(need: CableNeed): CableMake | null {
  const fits = CABLE_MAKES.filter(
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
