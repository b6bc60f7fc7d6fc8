import type { Strictness } from '../../regions/index';
import type { Severity } from '../kinds';

/** How bad what falls short is, by how strictly a region asks for it; null where nobody asks. */
export const SEVERITY: { readonly [S in Strictness]: Severity | null } = {
  asked: 'fix',
  confirm: 'caution',
  no: null,
};
