import { get } from 'node:http';
import { doorsInOrder } from '#core/plan/index';
import { siteOf } from '../core/specimens/site';
import { startServer } from './startServer';
import { percentile } from './stats';

const timed = async (run: () => Promise<unknown>): Promise<number> => {
  const start = performance.now();
  await run();
  return performance.now() - start;
};
const read = async (url: string): Promise<string> => (await fetch(url)).text();

/** Pages of large sites on a server that knows nothing yet, while it judges, and once it knows. */
export async function benchPages(): Promise<void> {
  console.log('\nPages, on the built server');
  for (const doors of [14, 100, 200, 500]) {
    const plan = siteOf({ doors });
    const server = await startServer(siteOf({ doors: 1, sets: ['gate-keypad'] }), {
      ...plan,
      site: { ...plan.site, id: 'many' },
    });
    const page = (door: string) => `${server.url}/s/many/doors/${door}/wire`;
    try {
      // Started and settled, and nothing known of the site.
      await new Promise((resolve) => setTimeout(resolve, 3000));
      const cold = await timed(() => read(page('D001')));
      const waits: number[] = [];
      const started = performance.now();
      const known = fill(server.url, 'many', doors);
      let settled = false;
      void known.then(() => (settled = true));
      while (!settled) {
        waits.push(await timed(() => read(`${server.url}/api/sites/many/edits?limit=1`)));
        await new Promise((resolve) => setTimeout(resolve, 20));
      }
      const filled = performance.now() - started;
      const warm: number[] = [];
      for (let n = 0; n < 8; n += 1) warm.push(await timed(() => read(page('D001'))));
      console.log(
        `  ${doors} doors: first page ${cold.toFixed(0)} ms, warm ${percentile(warm, 50).toFixed(0)} ms; ` +
          `all doors judged after ${filled.toFixed(0)} ms, others meanwhile waited ${percentile(waits, 50).toFixed(0)} ms, ` +
          `at most ${Math.max(...waits).toFixed(0)} ms; server holds ${server.memory().toFixed(0)} MB`,
      );
    } finally {
      server.stop();
    }
  }
}

/** Asks until every door's summary is known. */
async function fill(url: string, site: string, doors: number): Promise<void> {
  for (let known = 0; known < doors;) {
    const answer = await fetch(`${url}/api/sites/${site}/summaries?known=${known}`);
    known = ((await answer.json()) as { summaries: unknown[] }).summaries.length;
  }
}

/** A server that has never taken an edit is slow at its first: what all writers send at once is said apart, ms. */
const BEGINNING = 1000;

/** Writers, each on doors of its own, as fast as the server answers. */
export async function benchWriters(writers = 32, seconds = 6): Promise<void> {
  const plan = siteOf({ doors: 100 });
  const server = await startServer(plan);
  const ids = doorsInOrder(plan).map(({ id }) => id);
  // Started and settled, with the site read.
  await new Promise((resolve) => setTimeout(resolve, 3000));
  await read(`${server.url}/api/sites/${plan.site.id}/edits?limit=1`);
  const first: number[] = [];
  const times: number[] = [];
  let kept = 0;
  let stale = 0;
  const begun = performance.now();
  const end = begun + seconds * 1000;
  const write = async (writer: number): Promise<void> => {
    let base = 1;
    for (let n = 0; performance.now() < end; n += 1) {
      const door = ids[writer + 32 * (n % 3)] ?? ids[writer]!;
      const edit = { kind: 'setDoor', id: door, patch: { notes: `writer ${writer}, ${n}` } };
      const body = JSON.stringify({ base, author: 'bench', edits: [{ id: `bench-${writer}-${n}`, edit }] });
      const start = performance.now();
      const answer = await fetch(`${server.url}/api/sites/${plan.site.id}/edits`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', origin: server.url },
        body,
      });
      const { revision, answers } = (await answer.json()) as {
        revision: number;
        answers: readonly { code: string }[];
      };
      const early = start - begun < BEGINNING;
      (early ? first : times).push(performance.now() - start);
      if (answers[0]?.code !== 'kept') stale += 1;
      else if (!early) kept += 1;
      base = revision;
    }
  };
  try {
    await Promise.all(Array.from({ length: writers }, (_, writer) => write(writer)));
    console.log(
      `\n${writers} writers on their own doors of 100: ${((kept * 1000) / (seconds * 1000 - BEGINNING)).toFixed(0)} edits a second kept, ` +
        `${stale} to be sent again, median ${percentile(times, 50).toFixed(0)} ms, p99 ${percentile(times, 99).toFixed(0)} ms ` +
        `(target 100 a second, p99 500 ms); in the first second p99 ${percentile(first, 99).toFixed(0)} ms`,
    );
    console.log(
      `200 event streams open after ${(await streams(server.url, plan.site.id, 200)).toFixed(0)} ms (target 1000 ms)`,
    );
  } finally {
    server.stop();
  }
}

/** Opens streams of events and waits for the first word of each. */
async function streams(url: string, site: string, count: number): Promise<number> {
  const open: (() => void)[] = [];
  const spent = await timed(() =>
    Promise.all(
      Array.from(
        { length: count },
        () =>
          new Promise<void>((resolve, reject) => {
            const request = get(`${url}/api/sites/${site}/events`, { agent: false }, (response) =>
              response.once('data', () => resolve()),
            );
            request.on('error', reject);
            open.push(() => request.destroy());
          }),
      ),
    ),
  );
  for (const close of open) close();
  return spent;
}
