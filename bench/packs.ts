import { siteOf } from '../core/specimens/site';
import { startServer } from './startServer';
import { percentile } from './stats';

const timed = async (url: string): Promise<number> => {
  const start = performance.now();
  await (await fetch(url)).arrayBuffer();
  return performance.now() - start;
};

/** What everybody else waits while packs are made and a big site is imported: p95 of small requests beside it, against those of a quiet server. */
export async function benchPacks(packs = 8): Promise<void> {
  console.log('\nPacks and imports, on the built server');
  const plan = siteOf({ doors: 24 });
  const server = await startServer(plan);
  const base = `${server.url}/api/sites/${plan.site.id}`;
  const small = `${base}/edits?limit=1`;
  /** Small requests, one every 20 ms, until something is done. */
  const beside = async (work: Promise<unknown>): Promise<number[]> => {
    const waits: number[] = [];
    let done = false;
    void work.then(() => (done = true));
    while (!done) {
      waits.push(await timed(small));
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    return waits;
  };
  const quiet = () => beside(new Promise((resolve) => setTimeout(resolve, 4000)));
  const say = (what: string, waits: readonly number[], still: readonly number[]) => {
    const [busy, calm] = [percentile(waits, 95), percentile(still, 95)];
    console.log(
      `  ${what}: small requests beside it p95 ${busy.toFixed(1)} ms, at most ${Math.max(...waits).toFixed(0)} ms; quiet ${calm.toFixed(1)} ms; ratio ${(busy / calm).toFixed(2)}`,
    );
  };
  try {
    // Until every door is judged, so that nothing else works beside.
    for (let known = 0; known < 24;)
      known = ((await (await fetch(`${base}/summaries?known=${known}`)).json()) as { summaries: unknown[] })
        .summaries.length;
    await timed(`${base}/doors/D001/pack.pdf`);
    const still = await quiet();
    const start = performance.now();
    const all = Promise.all(
      Array.from({ length: packs }, (_, n) =>
        timed(`${base}/doors/D${String(n + 2).padStart(3, '0')}/pack.pdf`),
      ),
    );
    const waits = await beside(all);
    say(
      `${packs} packs at once, ready after ${((performance.now() - start) / 1000).toFixed(1)} s`,
      waits,
      still,
    );
    const file = await (await fetch(`${base}/export.json?secrets=include`)).text();
    const take = async () => {
      const headers = { 'content-type': 'application/json', origin: server.url };
      await (await fetch(`${server.url}/api/import`, { method: 'POST', headers, body: file })).arrayBuffer();
    };
    say(`an import of 24 doors, ${(file.length / 1e6).toFixed(1)} MB`, await beside(take()), still);
  } finally {
    server.stop();
  }
}
