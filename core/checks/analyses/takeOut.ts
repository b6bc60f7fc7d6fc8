import type { Edit } from '../../plan/index';

/** The remedy that takes a wire out; none where no single wire is it. */
export const takeOut = (id: string | null): { remedy?: Edit } =>
  id ? { remedy: { kind: 'disconnect', id } } : {};
