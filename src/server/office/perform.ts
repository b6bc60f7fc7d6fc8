import { readAldaba } from '#core/formats/index';
import { findIn } from '#core/plan/index';
import { HttpError, parseJson } from '../http';
import type { Outcome, Results, Task } from './protocol';

type Acts = {
  readonly [K in Task['kind']]: (task: Extract<Task, { kind: K }>) => Promise<Results[K]> | Results[K];
};

const ACTS: Acts = {
  async pack({ plan, door, printedAt, codes }) {
    const found = findIn(plan.doors, door);
    if (!found) throw new HttpError(404, 'no-door', `There is no door “${door}”.`);
    // Loaded only when somebody prints: the PDF library is large.
    const { doorPack } = await import('../pack');
    return new Uint8Array(await doorPack(plan, found, printedAt, { codes }));
  },
  'read-file': ({ text }) => readAldaba(parseJson(text.replace(/^\uFEFF/, ''))),
};

/** Does a task; what goes wrong is part of what comes of it. */
export async function perform(task: Task): Promise<Outcome> {
  try {
    return { ok: true, value: await (ACTS[task.kind] as (it: Task) => Promise<Results[Task['kind']]>)(task) };
  } catch (error) {
    if (error instanceof HttpError) {
      const { status, code, message, more } = error;
      return { ok: false, refused: { status, code, message, more } };
    }
    return { ok: false, failed: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
}
