import type * as Admission from '#core/admission/index';
import {
  changedEntries,
  SECRET_COLLECTIONS,
  type Changed,
  type Edit,
  type EditBack,
  type Plan,
} from '#core/plan/index';
import { refusalWords } from '#words/problems';
import { changesNothing, isAsLeft } from './asLeft';
import { asOpened, type SiteState, type StepBack, type StoreOptions } from './siteState';
import { othersWords } from '#words/others';
import { say } from '#words/store/siteStore';
import { newId } from './newId';
import { takeOlder } from './keep';
import { Unsent } from './unsent';
import { isUnsaved, startSaving, step, type Effect, type Event, type Item, type Saving } from './saving';
import { fetchChanges, sendEdits, type Changes } from './siteServer';
import type { Left } from './tabKeep';

const RETRY_MS = 2000;
/** A revision that no site has: what became of it since then is all of it. */
const WHOLE_SITE = -1;

/** The site in this tab: an edit shows at once and travels behind. What is to be done about it, `saving.ts` says. */
export class SiteStore {
  #saving: Saving;
  #undo: StepBack[] = [];
  #redo: StepBack[] = [];
  #state: SiteState;
  #listeners = new Set<() => void>();
  #timer: ReturnType<typeof setTimeout> | null = null;
  #closed = false;
  #completing: Promise<void> | null = null;
  readonly #unsent: Unsent;
  #admission: typeof Admission | null;
  readonly #options: StoreOptions;

  constructor(options: StoreOptions) {
    this.#options = options;
    this.#admission = typeof options.admission === 'function' ? null : options.admission;
    this.#saving = startSaving(options.plan, options.revision);
    this.#unsent = new Unsent(options.plan.site.id, options.keep);
    this.#state = asOpened(options);
  }

  readonly getState = (): SiteState => this.#state;

  /** Revision of the server that this tab stands on. */
  get revision(): number {
    return this.#saving.revision;
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** True while closing this tab would lose something. */
  isUnsaved(): boolean {
    return isUnsaved(this.#saving);
  }

  /**
   * Applies an edit now and sends it. Returns false, having said why, where it does not fit. With `said`, tells what was done and
   * offers to take it back.
   */
  dispatch(edit: Edit, label: string, said?: string): boolean {
    const done = this.#apply(edit, label);
    if (!done) return false;
    this.#undo.push(done);
    this.#redo = [];
    this.#publish();
    if (said !== undefined) this.#options.tell(said, () => this.#takeBack(done));
    return true;
  }

  /** Writes into the log that something was seen which is not for everybody. Nothing changes, and nothing can be taken back. */
  note(what: string): void {
    this.#apply({ kind: 'batch', label: what, edits: [] }, what);
    this.#publish();
  }

  /** Says something that nobody can see on the sheet; with what takes it back, where it is not a change of the plan. */
  say(text: string, takeBack?: () => void): void {
    this.#options.tell(text, takeBack);
  }

  /** Takes a line of the log back, whoever made it and when, as a new change; what has changed since is asked about first. */
  takeBackLogged({ inverse, left }: EditBack, label: string): void {
    const result = this.#admission?.admit(this.#state.plan, inverse);
    if (result && !result.ok) {
      this.#options.tell(say.nothingWasChanged(refusalWords(result.refusal)));
      return;
    }
    if (result && changesNothing(this.#state.plan, result.plan)) {
      this.#options.tell(say.beenTakenBackAlready);
      return;
    }
    this.#undo.push({ label, inverse, left });
    this.undo();
  }

  /** Undoes this change, whatever has been done since; what that would overwrite is asked about first, as with any undo. */
  #takeBack(step: StepBack): void {
    const at = this.#undo.indexOf(step);
    if (at < 0) return;
    this.#undo.splice(at, 1);
    this.#undo.push(step);
    this.undo();
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

  /** True where an edit would be taken as the site stands. */
  fits(edit: Edit): boolean {
    return this.#admission?.admit(this.#state.plan, edit).ok === true;
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
      const later = this.#admission?.admit(plan, back.inverse);
      const overwrites = touched.map(({ collection, id }): Changed => {
        const now = plan[collection][id] ?? null;
        return { collection, id, before: now, after: later?.ok ? (later.plan[collection][id] ?? null) : now };
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
    if (!this.#admission) {
      this.#options.tell(say.aldabaStillLoadingNothing);
      return null;
    }
    const result = this.#admission.admit(plan, edit);
    if (!result.ok) {
      this.#options.tell(
        `${refusalWords(result.refusal)} ${keepRefused ? say.keptAmongCouldNot : say.nothingWasChanged2}`,
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
      this.#options.tell(
        !this.#state.codes
          ? say.youSignedWithoutCodes
          : this.#state.reachable
            ? say.codesStillBeingFetched
            : say.codesNotKeptWithout,
      );
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
        // Seldom, and with the words for every kind of edit: they come when they are wanted.
        void import('#words/saving').then(({ asideWords }) => this.#options.tell(asideWords(effect.aside)));
        break;
    }
  }

  async #send(effect: Extract<Effect, { kind: 'send' }>): Promise<void> {
    const answer = await sendEdits(this.#saving.confirmed.site.id, this.#options.author(), effect);
    this.reach(answer.kind !== 'unreached');
    this.#step(answer);
  }

  async #fetch(since: number): Promise<void> {
    const body = await this.#changes(since);
    await this.makeReady();
    if (!body) return this.#step({ kind: 'fetchFailed' });
    this.#step({ kind: 'caughtUp', catchUp: body.catchUp });
  }

  async #changes(since: number): Promise<Changes | null> {
    const body = await fetchChanges(this.#saving.confirmed.site.id, since, this.#options.codes ?? true);
    this.reach(body !== undefined);
    return body ?? null;
  }

  /** The server answers, or it does not. */
  reach(reachable: boolean): void {
    if (!this.#closed && reachable !== this.#state.reachable) this.#publish({ reachable });
  }

  /** Fetches what edits are looked at with; then they may be made. */
  async makeReady(): Promise<void> {
    const { admission } = this.#options;
    while (!this.#admission && typeof admission === 'function' && !this.#closed) {
      try {
        this.#admission = await admission();
        this.#publish({ ready: true });
      } catch {
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      }
    }
  }

  /**
   * Fetches codes, card numbers and keypad memories, which stand in no page, and the rest of the site where the page carries a
   * part of it; only then takes up what was not saved. Once, however often it is asked for.
   */
  complete(): Promise<void> {
    this.#completing ??= this.#fetchRest();
    return this.#completing;
  }

  async #fetchRest(): Promise<void> {
    // Types that no device of the page is of come with what edits are looked at with: what else there is waits for them.
    const ready = this.makeReady();
    if (this.#state.codes) this.#unsent.fetchSealer();
    const left = (await this.#options.left?.(this.#state.plan.site.id)) ?? [];
    if (left.length > 0) await ready;
    this.#takeUp(left);
    while (!this.#state.complete && !this.#closed) {
      const inPart = this.#state.doors !== null;
      const body = await this.#changes(inPart ? WHOLE_SITE : this.#saving.revision);
      if (body) await ready;
      // What was saved meanwhile is not in what was fetched: it is fetched again.
      if (body?.keepKey !== undefined) {
        await this.#unsent.takeKey(body.keepKey);
        this.#keep();
      }
      if (body && !(inPart && body.catchUp.revision < this.#saving.revision)) {
        const { catchUp, secrets } = body;
        // Everything secret at that revision, and what else has changed up to it.
        const confirmed: Plan = { ...this.#saving.confirmed, ...(secrets ?? {}) };
        this.#saving = { ...this.#saving, confirmed };
        this.#publish({ complete: secrets !== null, doors: null });
        this.#step({ kind: 'caughtUp', catchUp: { ...catchUp, authors: [] } });
        break;
      }
      if (!body) {
        if (!inPart) await this.#recallOpen();
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      }
    }
    await ready;
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
    const { pending, aside } = this.#saving;
    if (!this.#unsent.keep({ pending, aside })) this.#options.tell(say.browserNoRoomKeep);
  }

  /** What tabs before this one left is kept by this one from now on. */
  #takeUp(left: readonly Left[]): void {
    if (left.length === 0) return;
    this.#unsent.takeUp(left);
    this.#keep();
    for (const one of left) one.taken();
  }

  /** Without the server: takes up what was not saved, up to the first change of something secret. */
  async #recallOpen(): Promise<void> {
    await this.makeReady();
    const { pending } = this.#unsent.earlier;
    if (!this.#admission || pending.length === 0) return;
    let { plan } = this.#state;
    const isOpen = ({ edit }: Item): boolean => {
      const result = this.#admission!.admit(plan, edit);
      if (!result.ok) return false;
      const isSecret = changedEntries(plan, result.plan).some(({ collection }) =>
        SECRET_COLLECTIONS.includes(collection),
      );
      ({ plan } = result);
      return !isSecret;
    };
    const cut = pending.findIndex((item) => !isOpen(item));
    const open = cut < 0 ? pending : pending.slice(0, cut);
    this.#unsent.taken(open.length);
    if (open.length > 0) this.#step({ kind: 'recalled', pending: open, aside: [] });
  }

  #recall(): void {
    if (!this.#admission) return;
    const older = takeOlder(this.#saving.confirmed.site.id, this.#admission.parseEdit, this.#options.keep);
    const { open, lost } = this.#unsent.takeAll();
    if (lost) this.#options.tell(say.codesWereTypedBrowser);
    const pending = [...older, ...open.pending];
    if (pending.length > 0 || open.aside.length > 0)
      this.#step({ kind: 'recalled', pending, aside: open.aside });
  }
}
