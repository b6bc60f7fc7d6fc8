import type { Leaflet } from '#core/plan/index';

/** What every part of the editor of a leaflet is given. */
export interface LeafletPart {
  readonly draft: Leaflet;
  set(patch: Partial<Leaflet>): void;
  /** What is wrong at this place of the leaflet; null where nothing is. */
  at(path: string): string | null;
}
