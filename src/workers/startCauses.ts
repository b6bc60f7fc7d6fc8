/** The worker that looks for causes. In a module of its own, so that a door with nothing against it never fetches it. */
export const startCauses = (): Worker =>
  new Worker(new URL('./causes.worker.ts', import.meta.url), { type: 'module' });
