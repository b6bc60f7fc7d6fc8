import type { Edit, Plan } from '#core/plan/index';
import { openDatabase } from '../server/db/open';
import { catchUpFrom, secretsOf, withoutSecretsOf } from '../server/sites/catchUp';
import { liveSite } from '../server/sites/liveSite';
import { createSite } from '../server/sites/siteList';
import { submitEdits, type SentEdit } from '../server/sites/submit';

const at = '2026-11-24T10:00:00.000Z';

/** The real services over a database in memory, behind a `fetch` that can be made to fail. */
export class Backend {
  readonly db = openDatabase(':memory:');
  readonly site: string;
  /** What the next requests are answered with instead; `'down'` for no answer at all. */
  next: ('down' | number)[] = [];
  posts = 0;
  constructor(plan: Plan) {
    this.site = createSite(this.db, plan, { author: 'test', at });
  }
  get live() {
    return liveSite(this.db, this.site)!;
  }
  /** What somebody else does meanwhile. */
  apply(edit: Edit, author = 'Mirela'): void {
    this.posts += 1;
    const edits = [{ id: `other-${this.posts}-xxxx`, edit }];
    submitEdits(this.db, this.site, { base: this.live.revision, edits, author, at });
  }
  readonly fetch = async (url: string, init?: { method?: string; body?: string }): Promise<Response> => {
    const answer = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status });
    const trouble = init?.method === 'POST' ? this.next.shift() : undefined;
    if (trouble === 'down') throw new TypeError('no network');
    if (trouble !== undefined) return answer({ error: { code: 'x', message: `status ${trouble}` } }, trouble);
    if (init?.method !== 'POST') {
      const since = Number(new URL(url, 'http://x').searchParams.get('since'));
      const catchUp = catchUpFrom(this.live, since);
      return url.includes('secrets=include')
        ? answer({ catchUp, secrets: secretsOf(this.live).tables })
        : answer({ catchUp: withoutSecretsOf(catchUp), secrets: null });
    }
    const { base, edits, withdraw, author } = JSON.parse(init.body ?? '') as {
      base: number;
      edits: SentEdit[];
      withdraw: string[];
      author: string;
    };
    return answer(submitEdits(this.db, this.site, { base, edits, withdraw, author, at }));
  };
}
