import { applyEdit, type Edit, type Plan } from '#core/plan/index';
import { refusalWords } from '#words/problems';

export type SaveStatus = 'saved' | 'saving' | 'offline';

export interface SiteState {
  /** The plan as shown: what the server has confirmed, with what is still on its way applied on top. */
  readonly plan: Plan;
  /** Counts every change of `plan`, so that verdicts can be matched to what they judge. */
  readonly version: number;
  readonly status: SaveStatus;
  readonly canUndo: string | null;
  readonly canRedo: string | null;
}

interface Step {
  readonly label: string;
  readonly inverse: Edit;
}

export interface StoreOptions {
  readonly plan: Plan;
  readonly revision: number;
  author(): string;
  /** Tells a person something that cannot be seen on the sheet. */
  tell(message: string): void;
}

interface StaleAnswer {
  error?: {
    code: string;
    message: string;
    index?: number;
    current?: { plan: Plan; revision: number };
    missed?: { author: string }[];
  };
  revision?: number;
}

const RETRY_MS = 3000;

/**
 * The site in this tab. An edit shows at once and travels behind; a stale base makes the tab take over what
 * others did and apply its own edits again on top, so that two tabs lose nothing.
 */
export class SiteStore {
  #confirmed: Plan;
  #revision: number;
  #pending: Edit[] = [];
  #undo: Step[] = [];
  #redo: Step[] = [];
  #state: SiteState;
  #listeners = new Set<() => void>();
  #flushing = false;
  /** Newest revision this tab has heard of. */
  #seen = 0;
  readonly #options: StoreOptions;

  constructor(options: StoreOptions) {
    this.#options = options;
    this.#confirmed = options.plan;
    this.#revision = options.revision;
    this.#state = { plan: options.plan, version: 0, status: 'saved', canUndo: null, canRedo: null };
  }

  readonly getState = (): SiteState => this.#state;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** Applies an edit now and sends it. Returns false, having said why, where it does not fit. */
  dispatch(edit: Edit, label: string): boolean {
    const inverse = this.#apply(edit);
    if (!inverse) return false;
    this.#undo.push({ label, inverse });
    this.#redo = [];
    this.#publish();
    return true;
  }

  undo(): void {
    this.#turnBack(this.#undo, this.#redo);
  }

  redo(): void {
    this.#turnBack(this.#redo, this.#undo);
  }

  #turnBack(from: Step[], to: Step[]): void {
    const step = from.pop();
    if (!step) return;
    const inverse = this.#apply(step.inverse);
    if (inverse) to.push({ label: step.label, inverse });
    this.#publish();
  }

  #apply(edit: Edit): Edit | null {
    const result = applyEdit(this.#state.plan, edit);
    if (!result.ok) {
      this.#options.tell(`${refusalWords(result.refusal)} Nothing was changed.`);
      return null;
    }
    this.#pending.push(edit);
    this.#remember();
    this.#state = { ...this.#state, plan: result.plan, version: this.#state.version + 1, status: 'saving' };
    void this.#flush();
    return result.inverse;
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

  async #flush(): Promise<void> {
    if (this.#flushing) return;
    this.#flushing = true;
    try {
      while (this.#pending.length > 0) {
        const sent = this.#pending.slice(0, 200);
        let answer: StaleAnswer;
        let ok: boolean;
        try {
          const response = await fetch(`/api/sites/${encodeURIComponent(this.#confirmed.site.id)}/edits`, {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify({ base: this.#revision, author: this.#options.author(), edits: sent }),
          });
          answer = (await response.json()) as StaleAnswer;
          ok = response.ok;
          if (response.status >= 500) throw new Error(answer.error?.message ?? 'server error');
        } catch {
          this.#publish({ status: 'offline' });
          setTimeout(() => void this.#flush(), RETRY_MS);
          return;
        }
        if (ok && answer.revision !== undefined) this.#confirm(sent, answer.revision);
        else if (answer.error?.code === 'stale' && answer.error.current)
          this.#rebase(answer.error.current, answer.error.missed ?? []);
        else this.#dropRefused(answer.error?.index ?? 0, answer.error?.message ?? 'The change was refused.');
      }
      this.#publish({ status: 'saved' });
    } finally {
      this.#flushing = false;
    }
    if (this.#seen > this.#revision) await this.catchUp(this.#seen);
  }

  #confirm(sent: readonly Edit[], revision: number): void {
    for (const edit of sent) {
      const result = applyEdit(this.#confirmed, edit);
      if (result.ok) this.#confirmed = result.plan;
    }
    this.#revision = revision;
    this.#pending = this.#pending.slice(sent.length);
    this.#remember();
  }

  /** Takes over the site as others left it and puts what is still pending on top. */
  #rebase(current: { plan: Plan; revision: number }, missed: readonly { author: string }[]): void {
    this.#confirmed = current.plan;
    this.#revision = current.revision;
    let { plan } = current;
    const kept: Edit[] = [];
    for (const edit of this.#pending) {
      const result = applyEdit(plan, edit);
      if (!result.ok) {
        this.#options.tell(
          `A change of yours no longer fits: ${refusalWords(result.refusal)} The rest is kept.`,
        );
        continue;
      }
      plan = result.plan;
      kept.push(edit);
    }
    this.#pending = kept;
    this.#remember();
    const who = [...new Set(missed.map(({ author }) => author || 'somebody'))].join(', ');
    if (who && kept.length > 0) this.#options.tell(`Changes by ${who} came in meanwhile; yours are kept.`);
    this.#publish({ plan, version: this.#state.version + 1 });
  }

  #dropRefused(index: number, message: string): void {
    this.#pending.splice(index, 1);
    this.#remember();
    let plan = this.#confirmed;
    for (const edit of this.#pending) {
      const result = applyEdit(plan, edit);
      if (result.ok) plan = result.plan;
    }
    this.#options.tell(message);
    this.#publish({ plan, version: this.#state.version + 1 });
  }

  /**
   * Another tab or person has changed the site: fetch it unless this tab made the change itself. While this
   * tab is sending, the news is only noted; the end of the sending looks at it again.
   */
  async catchUp(revision: number): Promise<void> {
    this.#seen = Math.max(this.#seen, revision);
    if (this.#seen <= this.#revision || this.#flushing) return;
    const response = await fetch(`/api/sites/${encodeURIComponent(this.#confirmed.site.id)}`).catch(
      () => null,
    );
    if (!response?.ok) return;
    const current = (await response.json()) as { plan: Plan; revision: number };
    if (current.revision > this.#revision && !this.#flushing) this.#rebase(current, []);
  }

  get #key(): string {
    return `aldaba.pending.${this.#confirmed.site.id}`;
  }

  /** What the server has not acknowledged outlives a reload of this tab. */
  #remember(): void {
    if (this.#pending.length === 0) sessionStorage.removeItem(this.#key);
    else sessionStorage.setItem(this.#key, JSON.stringify(this.#pending));
  }

  /** Takes up edits that an earlier load of this tab could not send. */
  recall(): void {
    const kept = sessionStorage.getItem(this.#key);
    if (!kept) return;
    const edits = JSON.parse(kept) as Edit[];
    for (const edit of edits) this.#apply(edit);
    this.#publish();
  }
}
