/** The worker that tries faults and orders. In a module of its own, so that a door that is only wired never fetches it. */
export const startProve = (): Worker =>
  new Worker(new URL('./prove.worker.ts', import.meta.url), { type: 'module' });
