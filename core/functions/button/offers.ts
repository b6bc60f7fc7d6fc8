import type { Offers } from '../offers';
import { pressed } from '../pressed';

export const button: Offers<'button'> = (_spec, self) => [pressed(self)];
