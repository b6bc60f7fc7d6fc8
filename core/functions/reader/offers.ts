import type { Offers } from '../offers';
import { presented } from '../pressed';

export const reader: Offers<'reader'> = (_spec, self) => presented(self, 1);
