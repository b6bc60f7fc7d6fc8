import type { Offers } from '../offers';
import { presented } from '../pressed';

export const busReader: Offers<'busReader'> = (_spec, self) => presented(self, 1);
