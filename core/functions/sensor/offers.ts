import type { Offers } from '../offers';
import { pressed } from '../pressed';

export const sensor: Offers<'sensor'> = (_spec, self) => [pressed(self)];
