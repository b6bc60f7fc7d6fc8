import { areaOf, AWG_SIZES, awg, METRIC_SIZES, mm2, type Gauge } from './gauge';

/** Which wire a site's installers carry: sizes in mm², or American wire gauge. */
export type MeasureSystem = 'metric' | 'american';

const THINNEST_FIRST = (a: Gauge, b: Gauge): number => areaOf(a) - areaOf(b);

/** Sizes of wire that are on the shelf, thinnest first. */
export const SHELF_SIZES: Readonly<Record<MeasureSystem, readonly Gauge[]>> = {
  metric: METRIC_SIZES.map(mm2).sort(THINNEST_FIRST),
  american: AWG_SIZES.map(awg).sort(THINNEST_FIRST),
};

/** All of them, those of the site's own system first. */
export const sizesFor = (system: MeasureSystem): readonly Gauge[] => [
  ...SHELF_SIZES[system],
  ...SHELF_SIZES[system === 'metric' ? 'american' : 'metric'],
];

/**
 * The American size that the trade lays where a metric one is usual. It is the neighbour, not the next thicker: 18 AWG
 * (0.82 mm²) feeds the locks that 1 mm² feeds elsewhere. What it feeds is proven afterwards, and laid thicker where it must be.
 */
const USUAL_AWG: Readonly<Record<string, Gauge>> = {
  '0.22mm2': awg(22),
  '0.34mm2': awg(22),
  '0.5mm2': awg(20),
  '0.75mm2': awg(18),
  '1mm2': awg(18),
  '1.5mm2': awg(16),
  '2.5mm2': awg(14),
  '4mm2': awg(12),
};

/** The size that is carried for this metric one. */
export const carried = (system: MeasureSystem, metric: Gauge): Gauge =>
  system === 'metric' ? metric : (USUAL_AWG[metric] ?? metric);
