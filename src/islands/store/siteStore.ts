import { admit } from '#core/admission/index';
import {
  changedEntries,
  SECRET_COLLECTIONS,
  type Changed,
  type Edit,
  type Plan,
  type SecretTables,
} from '#core/plan/index';
import { refusalWords } from '#words/problems';
import { asideWords, othersWords } from '#words/saving';
import { keepUnsaved, readUnsaved, type Keep } from './keep';
import {
  isUnsaved,
  startSaving,
  step,
  type Aside,
  type CatchUp,
  type Effect,
  type Event,
  type Saving,
  type Status,
} from './saving';

export type SaveStatus = Status;

export interface SiteState {
  /** The plan as shown: what the server has confirmed, with what is still on its way applied on top. */
  readonly plan: Plan;
  /** Counts every change of `plan`, so that verdicts can be matched to what they judge. */
  readonly version: number;
  readonly status: SaveStatus;
  /** Changes that could not be kept; their text is here until somebody tries them again or lets them go. */
  readonly aside: readonly Aside[];
  /** False until codes, card numbers and keypad memories have been fetched: until then nothing that holds them changes. */
  readonly complete: boolean;
  readonly canUndo: string | null;
  readonly canRedo: string | null;
  /** An undo or redo that would replace what somebody else has changed since; it waits for a yes. */
  readonly asking: Asking | null;
}

export interface Asking {
  readonly which: 'undo' | 'redo';
  readonly label: string;
  /** What would be replaced: as it is now, and as it would be. */
  readonly overwrites: readonly Changed[];
}

interface StepBack {
  readonly label: string;
  readonly inverse: Edit;
  /** What the edit left behind: an undo that finds something else says so first. */
  readonly left: readonly Changed[];
}

export interface StoreOptions {
  readonly plan: Plan;
  readonly revision: number;
  /** False for a plan whose secrets are fetched apart. */
  readonly complete?: boolean;
  author(): string;
  /** Where unsaved changes outlive a reload; the tab's session storage unless it says otherwise. */
  readonly keep?: Keep;
  /** Tells a person something that cannot be seen on the sheet. */
  tell(message: string): void;
}

/** How long an answer may take before it counts as lost, ms. */
const PATIENCE_MS = 20_000;
const RETRY_MS = 2000;

/** The site in this tab: an edit shows at once and travels behind. What is to be done about it, `saving.ts` says. */
export class SiteStore {
  #saving: Saving;
  #undo: StepBack[] = [];
  #redo: StepBack[] = [];
  #state: SiteState;
  #listeners = new Set<() => void>();
  #timer: ReturnType<typeof setTimeout> | null = null;
  #closed = false;
  readonly #options: StoreOptions;

  constructor(options: StoreOptions) {
    this.#options = options;
    this.#saving = startSaving(options.plan, options.revision);
    this.#state = {
      plan: options.plan,
      version: 0,
      status: 'saved',
      aside: [],
      complete: options.complete ?? true,
      canUndo: null,
      canRedo: null,
      asking: null,
    };
  }

  readonly getState = (): SiteState => this.#state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** True while closing this tab would lose something. */
  isUnsaved(): boolean {
    return isUnsaved(this.#saving);
  }

  /** Applies an edit now and sends it. Returns false, having said why, where it does not fit. */
  dispatch(edit: Edit, label: string): boolean {
    const done = this.#apply(edit, label);
    if (!done) return false;
    this.#undo.push(done);
    this.#redo = [];
    this.#publish();
    return true;
  }

  /** Takes the last change back. Where that would replace somebody else's, it asks first, unless told to. */
  undo(sure = false): void {
    this.#turnBack('undo', sure);
  }

  redo(sure = false): void {
    this.#turnBack('redo', sure);
  }

  /** The answer to `asking` is no. */
  leaveAsking(): void {
    this.#publish({ asking: null });
  }

  tryAgain(id: string): void {
    this.#step({ kind: 'tryAgain', id, newId: newId() });
  }

  letGo(id: string): void {
    this.#step({ kind: 'letGo', id });
  }

  #turnBack(which: 'undo' | 'redo', sure: boolean): void {
    const [from, to] = which === 'undo' ? [this.#undo, this.#redo] : [this.#redo, this.#undo];
    const back = from.at(-1);
    if (!back) return;
    const { plan } = this.#state;
    const touched = sure ? [] : back.left.filter((one) => !isAsLeft(plan, one));
    if (touched.length > 0) {
      const later = admit(plan, back.inverse);
      const overwrites = touched.map(({ collection, id }): Changed => {
        const now = plan[collection][id] ?? null;
        return { collection, id, before: now, after: later.ok ? (later.plan[collection][id] ?? null) : now };
      });
      this.#publish({ asking: { which, label: back.label, overwrites } });
      return;
    }
    from.pop();
    const done = this.#apply(back.inverse, back.label, true);
    if (done) to.push(done);
    this.#publish({ asking: null });
  }

  #apply(edit: Edit, label: string, keepRefused = false): StepBack | null {
    const { plan, complete } = this.#state;
    const result = admit(plan, edit);
    if (!result.ok) {
      this.#options.tell(
        `${refusalWords(result.refusal)} ${keepRefused ? 'It is kept among what could not be saved.' : 'Nothing was changed.'}`,
      );
      if (keepRefused) {
        const why = { kind: 'refused', refusal: result.refusal } as const;
        const aside = [...this.#saving.aside, { id: newId(), edit, label, why, settled: true }];
        this.#saving = { ...this.#saving, aside };
        this.#keep();
        this.#publish({ aside });
      }
      return null;
    }
    const left = changedEntries(plan, result.plan);
    if (!complete && left.some(({ collection }) => SECRET_COLLECTIONS.includes(collection))) {
      this.#options.tell('Codes are still being fetched. Nothing was changed; try again in a moment.');
      return null;
    }
    this.#step({ kind: 'edited', item: { id: newId(), edit: result.edit!, label }, plan: result.plan });
    return { label, inverse: result.inverse, left };
  }

  #publish(patch: Partial<SiteState> = {}): void {
    this.#state = {
      ...this.#state,
      ...patch,
      canUndo: this.#undo.at(-1)?.label ?? null,
      canRedo: this.#redo.at(-1)?.label ?? null,
    };
    for (const listener of this.#listeners) listener();
  }

  #step(event: Event): void {
    if (this.#closed) return;
    const { next, effects } = step(this.#saving, event);
    const before = this.#saving;
    this.#saving = next;
    const moved = before.shown !== next.shown;
    if (moved || before.status !== next.status || before.aside !== next.aside) {
      const { version } = this.#state;
      this.#publish({
        plan: next.shown,
        version: moved ? version + 1 : version,
        status: next.status,
        aside: next.aside,
      });
    }
    for (const effect of effects) this.#do(effect);
  }

  #do(effect: Effect): void {
    switch (effect.kind) {
      case 'send':
        void this.#send(effect);
        break;
      case 'fetch':
        void this.#fetch(effect.since);
        break;
      case 'wait':
        this.#timer = setTimeout(() => this.#step({ kind: 'due' }), effect.ms);
        break;
      case 'keep':
        this.#keep();
        break;
      case 'toldOthers':
        if (effect.own > 0 || effect.authors.some(Boolean))
          this.#options.tell(othersWords(effect.authors, effect.own));
        break;
      case 'toldAside':
        this.#options.tell(asideWords(effect.aside));
        break;
    }
  }

  get #base(): string {
    return `/api/sites/${encodeURIComponent(this.#saving.confirmed.site.id)}`;
  }

  async #send({ base, items, withdraw }: Extract<Effect, { kind: 'send' }>): Promise<void> {
    const edits = items.map(({ id, edit }) => ({ id, edit }));
    try {
      const response = await fetch(`${this.#base}/edits`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ base, author: this.#options.author(), edits, withdraw }),
        signal: AbortSignal.timeout(PATIENCE_MS),
      });
      const body = (await response.json().catch(() => null)) as
        (Extract<Event, { kind: 'answered' }> & { error?: { message?: string } }) | null;
      if (response.ok && body && Array.isArray(body.answers))
        this.#step({
          kind: 'answered',
          revision: body.revision,
          answers: body.answers,
          catchUp: body.catchUp,
        });
      else {
        const wait = Number(response.headers.get('retry-after') ?? 0) * 1000;
        this.#step({
          kind: 'failed',
          status: response.ok ? 502 : response.status,
          message: body?.error?.message ?? '',
          ...(wait > 0 ? { after: wait } : {}),
        });
      }
    } catch {
      this.#step({ kind: 'unreached' });
    }
  }

  async #fetch(since: number): Promise<void> {
    const body = await this.#changes(since);
    if (!body) return this.#step({ kind: 'fetchFailed' });
    this.#step({ kind: 'caughtUp', catchUp: body.catchUp });
  }

  async #changes(since: number): Promise<{ catchUp: CatchUp; secrets: SecretTables } | null> {
    try {
      const response = await fetch(`${this.#base}/changes?since=${since}&secrets=include`, {
        signal: AbortSignal.timeout(PATIENCE_MS),
      });
      return response.ok ? ((await response.json()) as { catchUp: CatchUp; secrets: SecretTables }) : null;
    } catch {
      return null;
    }
  }

  /** Fetches codes, card numbers and keypad memories, which stand in no page, and only then takes up what was not saved. */
  async complete(): Promise<void> {
    while (!this.#state.complete && !this.#closed) {
      const body = await this.#changes(this.#saving.revision);
      if (body) {
        const { catchUp, secrets } = body;
        // Everything secret at that revision, and what else has changed up to it.
        const confirmed: Plan = { ...this.#saving.confirmed, ...secrets };
        this.#saving = { ...this.#saving, confirmed };
        this.#publish({ complete: true });
        this.#step({ kind: 'caughtUp', catchUp: { ...catchUp, authors: [] } });
        break;
      }
      await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
    }
    this.#recall();
  }

  /** Somebody else has changed the site, or may have. */
  catchUp(revision: number): void {
    this.#step({ kind: 'news', revision });
  }

  /** Ends every timer: the tab shows another site. */
  close(): void {
    this.#closed = true;
    if (this.#timer) clearTimeout(this.#timer);
  }

  #keep(): void {
    const { pending, aside, confirmed } = this.#saving;
    if (!keepUnsaved(confirmed.site.id, { pending, aside }, this.#options.keep))
      this.#options.tell(
        'This browser has no room to keep unsaved changes. Leave the tab open until they are saved.',
      );
  }

  #recall(): void {
    const kept = readUnsaved(this.#saving.confirmed.site.id, this.#options.keep);
    if (kept) this.#step({ kind: 'recalled', ...kept });
  }
}

/** True where an entry still is what the edit left: read anew from the server it is another object with the same in it. */
const isAsLeft = (plan: Plan, { collection, id, after }: Changed): boolean => {
  const now = plan[collection][id] ?? null;
  return now === after || JSON.stringify(now) === JSON.stringify(after);
};

/** A name for an edit that no other edit has. Browsers offer no UUID on plain HTTP, but random bytes. */
function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(15));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_');
}
