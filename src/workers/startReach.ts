/** The worker that looks at a site as a building. In a module of its own: only the Release page fetches it. */
export const startReach = (): Worker =>
  new Worker(new URL('./reach.worker.ts', import.meta.url), { type: 'module' });
