import * as admission from '#core/admission/index';
import { random } from '../../core/specimens/random';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { blankPerson, applyEdit, publicPlan, type Edit, type Plan } from '#core/plan/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../../core/specimens/doors';
import { readKept, unsealed } from '../store/keep';
import { sealerOf } from '../store/seal';
import { SiteStore } from '../store/siteStore';
import { GET as getChanges } from '../pages/api/sites/[site]/changes';
import { POST as postEdits } from '../pages/api/sites/[site]/edits';
import { keepKey } from './access/keys';
import { closeDatabase, database } from './db/shared';
import { loadPlan } from './db/planRepository';
import { createSite } from './sites/siteList';
import { liveSite } from './sites/liveSite';
import { editsSince } from './sites/log';

/** Runs of the model: a few with the other tests, many with `npm run soak`. */
const RUNS = process.env['SOAK'] ? 300 : 14;

/** Three doors, two people, a keypad with secrets. */
function site(): Plan {
  const one = wiredDoor('magnet-controller', MAGNET_BRIEF);
  const two = wiredDoor('strike-keypad', STRIKE_BRIEF, one, 'D02');
  const three = wiredDoor('magnet-controller', MAGNET_BRIEF, two, 'D03');
  const person = (id: string): Edit => ({
    kind: 'addPerson',
    person: {
      ...blankPerson(id, `Person ${id}`),
      doors: ['D02'],
      code: '4711',
    },
  });
  return mustApply(three, person('P1'), person('P2'));
}

/** Chance, the same every time. */
function chances(seed: number) {
  const next = random((seed * 7919 + 1) % 2_147_483_647);
  return { below: (n: number) => Math.floor(next() * n), chance: (share: number) => next() < share };
}
type Random = ReturnType<typeof chances>;

/** The network between a tab and the server, with everything that networks and servers do. */
class Network {
  /** Share of requests that something happens to. */
  trouble = 0.4;
  posts = 0;
  readonly happened = new Map<string, number>();
  readonly #late: (() => Promise<unknown>)[] = [];
  constructor(readonly rnd: Random) {}

  readonly fetch = async (url: string, init?: { method?: string; body?: string }): Promise<Response> => {
    const at = new URL(url, 'http://127.0.0.1');
    const params = { site: decodeURIComponent(at.pathname.split('/')[3] ?? '') };
    const context = (request: Request) =>
      ({ params, request, url: at, locals: { who: '', codes: true } }) as unknown as Parameters<
        typeof postEdits
      >[0];
    const ask = async () => {
      if (init?.method !== 'POST') return getChanges(context(new Request(at)));
      this.posts += 1;
      const headers = { 'content-type': 'application/json' };
      return postEdits(context(new Request(at, { method: 'POST', headers, body: init.body ?? '' })));
    };
    const note = (what: string) => this.happened.set(what, (this.happened.get(what) ?? 0) + 1);
    // What was held up on the way arrives now, long after its sender gave it up.
    if (this.rnd.chance(0.3)) await this.#late.shift()?.();
    if (!this.rnd.chance(this.trouble)) return ask();
    switch (this.rnd.below(7)) {
      case 0:
        note('request lost');
        throw new TypeError('no network');
      case 1:
        note('answer lost');
        await ask();
        throw new TypeError('no network');
      case 2:
        note('sent twice');
        await ask();
        return ask();
      case 3:
        note('arrives later');
        this.#late.push(ask);
        throw new TypeError('no network');
      case 4: {
        const status = [400, 401, 403, 404, 408, 413, 421, 429, 500, 502, 503][this.rnd.below(11)]!;
        note(`status ${status}`);
        return new Response(JSON.stringify({ error: { code: 'x', message: 'x' } }), { status });
      }
      case 5:
        note('kept, and answered 500');
        await ask();
        return new Response('not even JSON', { status: 500 });
      default:
        note('restart');
        closeDatabase();
        return ask();
    }
  };
}

interface Tab {
  readonly store: SiteStore;
  readonly kept: Map<string, string>;
  readonly name: string;
}

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'aldaba-model-'));
  vi.stubEnv('ALDABA_DATA', join(folder, 'model.db'));
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
});
afterEach(() => {
  closeDatabase();
  vi.useRealTimers();
  vi.unstubAllGlobals();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

/** An edit that a person at this tab might make now. */
function someEdit(plan: Plan, rnd: Random, mark: string): Edit {
  const pick = <T>(list: readonly T[]): T => list[rnd.below(list.length)]!;
  const door = pick(Object.keys(plan.doors));
  const wires = Object.values(plan.conductors);
  switch (rnd.below(8)) {
    case 0:
    case 1:
      return { kind: 'setDoor', id: door, patch: { notes: mark } };
    case 2:
      return { kind: 'setDoor', id: door, patch: { name: mark } };
    case 3:
      return {
        kind: 'addPerson',
        person: {
          ...blankPerson(mark, mark),
          doors: [door],
          code: '',
        },
      };
    case 4: {
      const id = pick(Object.keys(plan.people));
      return { kind: 'setPerson', id, patch: { code: String(1000 + rnd.below(9000)) } };
    }
    case 5:
      return { kind: 'disconnect', id: pick(wires).id };
    case 6: {
      const wire = pick(wires);
      // A number that is free here: two tabs may take it at once.
      const number = `W${60 + rnd.below(6)}`;
      return { kind: 'connect', conductor: { ...wire, id: `${door}/${mark}`, door, number } };
    }
    default:
      return { kind: 'setConductor', id: pick(wires).id, patch: { cable: mark } };
  }
}

describe('saving, by the real tab, the real handlers and a real database', () => {
  it.each(Array.from({ length: RUNS }, (_, seed) => [seed]))(
    'loses nothing, applies nothing twice and drops nothing unsaid (run %i)',
    { timeout: 600_000 },
    async (seed) => {
      const rnd = chances(seed);
      const start = site();
      const id = createSite(database(), start, { author: 'model', at: '2026-11-24T10:00:00.000Z' });
      const network = new Network(rnd);
      const made = new Map<string, { edit: Edit; tab: string }>();
      const told: string[] = [];
      vi.stubGlobal('fetch', network.fetch);
      const tabs: Tab[] = [];
      const open = async (name: string, kept = new Map<string, string>()) => {
        const live = liveSite(database(), id)!;
        const tab: Tab = {
          name,
          kept,
          store: new SiteStore({
            admission,
            plan: publicPlan(live.plan),
            revision: live.revision,
            complete: false,
            author: () => name,
            // Each tab has a storage of its own.
            keep: {
              getItem: (key) => kept.get(key) ?? null,
              setItem: (key, value) => void kept.set(key, value),
              removeItem: (key) => void kept.delete(key),
            },
            tell: (text) => told.push(text),
          }),
        };
        const complete = tab.store.complete();
        await vi.advanceTimersByTimeAsync(60_000);
        await complete;
        return tab;
      };
      const watch = (tab: Tab) => {
        // Every edit that is on its way is seen once, with the name it keeps.
        const kept = readKept(id, { getItem: (key) => tab.kept.get(key) ?? null });
        if (!kept) return;
        const { open, shut } = unsealed(kept, sealerOf(keepKey(database(), id)));
        expect(shut).toBeNull();
        for (const item of open.pending)
          if (!made.has(item.id)) made.set(item.id, { edit: item.edit, tab: tab.name });
      };
      network.trouble = 0;
      const writers = 2 + (seed % 7);
      for (let n = 0; n < writers; n += 1) tabs.push(await open(`tab ${n}`));
      network.trouble = 0.45;

      for (let turn = 0; turn < 40; turn += 1) {
        const at = rnd.below(tabs.length);
        const tab = tabs[at]!;
        const { store } = tab;
        const roll = rnd.below(20);
        if (roll < 13) {
          store.dispatch(someEdit(store.getState().plan, rnd, `m${seed}-${turn}`), `turn ${turn}`);
          watch(tab);
        } else if (roll < 15) {
          store.undo(true);
          watch(tab);
        } else if (roll < 16) {
          // The tab is loaded anew: what it had not saved comes up again.
          store.close();
          tabs[at] = await open(tab.name, tab.kept);
        } else if (roll < 18) {
          for (const tab of tabs) {
            tab.store.catchUp(liveSite(database(), id)!.revision);
            await vi.advanceTimersByTimeAsync(0);
          }
        }
        await vi.advanceTimersByTimeAsync(rnd.below(4000));
      }

      // The network is well again: everything settles.
      network.trouble = 0;
      for (let round = 0; round < 60; round += 1) {
        for (const tab of tabs) {
          tab.store.catchUp(liveSite(database(), id)!.revision);
          await vi.advanceTimersByTimeAsync(4000);
        }
        const { revision } = liveSite(database(), id)!;
        if (round > 12 && tabs.every(({ store }) => store.getState().status === 'saved')) {
          if (revision === liveSite(database(), id)!.revision) break;
        }
      }
      for (const { store, name } of tabs) expect([name, store.getState().status]).toEqual([name, 'saved']);

      closeDatabase();
      const { plan, revision } = loadPlan(database(), id)!;
      const log = editsSince(database(), id, 1);
      // The log counts without a gap, and names no edit twice.
      expect(log.map((line) => line.revision)).toEqual(Array.from({ length: revision - 1 }, (_, n) => n + 2));
      const ids = database()
        .$client.prepare('select edit_id as id from edits where revision > 1 order by revision')
        .all() as {
        id: string;
      }[];
      expect(new Set(ids.map((row) => row.id)).size).toBe(ids.length);
      // What was made is either in the log or stands aside at its tab, where it can be seen: never both, never neither.
      const logged = new Set(ids.map((row) => row.id));
      const aside = new Set(tabs.flatMap(({ store }) => store.getState().aside.map((one) => one.id)));
      for (const [edit, { tab, edit: what }] of made)
        expect([logged.has(edit), aside.has(edit), tab, JSON.stringify(what)].slice(0, 2)).toEqual([
          logged.has(edit),
          !logged.has(edit),
        ]);
      // The plan is what the log's edits make of the start, one after the other.
      let history = start;
      for (const { id: edit } of ids) {
        const known = made.get(edit);
        if (!known) throw new Error(`nobody made ${edit}`);
        const result = applyEdit(history, known.edit);
        if (!result.ok) throw new Error(`the log holds ${JSON.stringify(known.edit)}, which does not apply`);
        history = result.plan;
      }
      expect(plan).toEqual(history);
      // And every tab shows it.
      for (const { store } of tabs) expect(store.getState().plan).toEqual(plan);
      // Said: as many words as there are changes aside.
      expect(told.filter((text) => text.includes('could not be saved')).length).toBeGreaterThanOrEqual(
        tabs.flatMap(({ store }) => store.getState().aside).filter(({ label }) => label.startsWith('turn'))
          .length - told.filter((text) => text.includes('kept among what could not be saved')).length,
      );
      tabs.forEach(({ store }) => store.close());
    },
  );
});
