import {
  applyDelta,
  applyEdit,
  type Edit,
  type EditRefusal,
  type Plan,
  type PlanDelta,
} from '#core/plan/index';
import { say } from '#words/store/saving';

/**
 * Saving as a machine without hands: `step` takes its state and what happened, and gives the next state and what is to be
 * done. It knows no network, no clock and no storage, so that every order of events can be tried.
 */

/** An edit on its way, under the name that the server knows it by, however often it is sent. */
export interface Item {
  readonly id: string;
  readonly edit: Edit;
  /** What undo calls it. */
  readonly label: string;
  /** It has been on its way, and no answer says yet whether the server has it. */
  readonly sent?: boolean;
}

/** An edit that could not be kept. Its text stays until somebody tries it again or lets it go. */
export interface Aside extends Item {
  readonly why: Why;
  /** The server knows that it is not to be kept, should a copy of it still arrive. */
  readonly settled?: boolean;
}
export type Why =
  | { readonly kind: 'refused'; readonly refusal: EditRefusal }
  | { readonly kind: 'too-large' }
  | { readonly kind: 'not-understood'; readonly message: string }
  | { readonly kind: 'breaks-server' };

export type Status = 'saved' | 'saving' | 'offline' | 'trouble' | 'signed-out' | 'gone';

export interface Saving {
  /** What the server has confirmed, and its revision. */
  readonly confirmed: Plan;
  readonly revision: number;
  /** Confirmed, with what is pending on top. */
  readonly shown: Plan;
  readonly pending: readonly Item[];
  readonly aside: readonly Aside[];
  /** How many of the first pending edits are under way; 0 while nothing is. */
  readonly sending: number;
  readonly fetching: boolean;
  readonly waiting: boolean;
  /** Most edits in one request: fewer where the server could not take more. */
  readonly chunk: number;
  /** Failures in a row. */
  readonly failures: number;
  /** Failures in a row of the one edit that was sent alone. */
  readonly strikes: number;
  /** Newest revision heard of. */
  readonly seen: number;
  readonly status: Status;
}

export interface Answer {
  readonly id: string;
  readonly code: 'kept' | 'refused' | 'stale' | 'withdrawn';
  readonly revision?: number;
  readonly refusal?: EditRefusal;
}
export type CatchUp = { readonly revision: number; readonly authors: readonly string[] } & (
  { readonly delta: PlanDelta } | { readonly plan: Plan }
);

export type Event =
  /** An edit that fits what is shown; `plan` is what is shown with it. */
  | { readonly kind: 'edited'; readonly item: Item; readonly plan: Plan }
  | {
      readonly kind: 'answered';
      readonly revision: number;
      readonly answers: readonly Answer[];
      readonly catchUp: CatchUp | null;
    }
  /** No answer came at all. */
  | { readonly kind: 'unreached' }
  | {
      readonly kind: 'failed';
      readonly status: number;
      readonly message: string;
      /** Milliseconds that the server asks to wait. */
      readonly after?: number;
    }
  | { readonly kind: 'due' }
  /** The server has this revision, or may have: somebody else wrote. */
  | { readonly kind: 'news'; readonly revision: number }
  | { readonly kind: 'caughtUp'; readonly catchUp: CatchUp }
  | { readonly kind: 'fetchFailed' }
  /** Edits that an earlier load of this tab could not save. */
  | { readonly kind: 'recalled'; readonly pending: readonly Item[]; readonly aside: readonly Aside[] }
  /** A change that stands aside is tried once more, under a name that nobody has heard of yet. */
  | { readonly kind: 'tryAgain'; readonly id: string; readonly newId: string }
  | { readonly kind: 'letGo'; readonly id: string };

export type Effect =
  | {
      readonly kind: 'send';
      readonly base: number;
      readonly items: readonly Item[];
      readonly withdraw: readonly string[];
    }
  | { readonly kind: 'fetch'; readonly since: number }
  | { readonly kind: 'wait'; readonly ms: number }
  /** Keep what is pending and aside over a reload. */
  | { readonly kind: 'keep' }
  | { readonly kind: 'toldOthers'; readonly authors: readonly string[]; readonly own: number }
  | { readonly kind: 'toldAside'; readonly aside: Aside };

export interface Step {
  readonly next: Saving;
  readonly effects: readonly Effect[];
}

/** Edits in one request, and their weight in characters of JSON: the server takes a million bytes. */
export const MOST_ITEMS = 200;
export const MOST_WEIGHT = 250_000;
/** Times an edit that nothing else explains is sent alone before it is set aside. */
export const STRIKES = 3;

export const startSaving = (plan: Plan, revision: number): Saving => ({
  confirmed: plan,
  revision,
  shown: plan,
  pending: [],
  aside: [],
  sending: 0,
  fetching: false,
  waiting: false,
  chunk: MOST_ITEMS,
  failures: 0,
  strikes: 0,
  seen: revision,
  status: 'saved',
});

/** True while closing the tab would lose something. */
export const isUnsaved = ({ pending, aside }: Saving): boolean => pending.length > 0 || aside.length > 0;

export function step(state: Saving, event: Event): Step {
  switch (event.kind) {
    case 'edited': {
      const next = { ...state, shown: event.plan, pending: [...state.pending, event.item] };
      return then(next, [{ kind: 'keep' }]);
    }
    case 'answered':
      return answered({ ...state, sending: 0, failures: 0, strikes: 0 }, event);
    case 'unreached':
      return pause({ ...state, sending: 0, failures: state.failures + 1, status: 'offline' });
    case 'failed':
      return failed({ ...state, sending: 0, failures: state.failures + 1 }, event);
    case 'due':
      return then({ ...state, waiting: false }, []);
    case 'news':
      return then({ ...state, seen: Math.max(state.seen, event.revision) }, []);
    case 'caughtUp': {
      const { next, effects } = takeOver({ ...state, fetching: false }, event.catchUp);
      // The server is well and one edit alone made it stumble again and again: the edit is it.
      const [first] = next.pending;
      const poison = next.strikes >= STRIKES && first !== undefined;
      if (!poison) return then(next, effects);
      const set = setAside({ ...next, strikes: 0 }, first, { kind: 'breaks-server' });
      return then(set.next, [...effects, ...set.effects]);
    }
    case 'fetchFailed':
      return pause({ ...state, fetching: false, failures: state.failures + 1 });
    case 'recalled': {
      // Whether the server has them, nobody knows: the tab may have been closed before the answer came.
      const known = new Set([...state.pending, ...state.aside].map(({ id }) => id));
      const recalled = event.pending
        .filter(({ id }) => !known.has(id))
        .map((item) => ({ ...item, sent: true }));
      const aside = [...event.aside.filter(({ id }) => !known.has(id)), ...state.aside];
      const next = { ...state, pending: [...recalled, ...state.pending], aside };
      const { next: replayed, effects } = replay(next);
      return then(replayed, [...effects, { kind: 'keep' }]);
    }
    case 'tryAgain': {
      const item = state.aside.find(({ id }) => id === event.id);
      if (!item) return { next: state, effects: [] };
      // Under a new name: the old one is buried.
      const { why: _why, sent: _sent, settled: _settled, ...item_ } = item;
      const again = { ...item_, id: event.newId };
      const rest = {
        ...state,
        aside: state.aside.filter((one) => one !== item),
        pending: [...state.pending, again],
      };
      const { next, effects } = replay(rest);
      return then(next, [...effects, { kind: 'keep' }]);
    }
    case 'letGo': {
      const aside = state.aside.filter(({ id }) => id !== event.id);
      return then({ ...state, aside }, [{ kind: 'keep' }]);
    }
  }
}

/** What is to be done next in any state: send, else fetch what was missed, else nothing. */
function then(state: Saving, effects: readonly Effect[]): Step {
  if (state.sending > 0 || state.fetching || state.waiting) return { next: state, effects };
  const withdraw = state.aside.filter(({ settled }) => !settled).map(({ id }) => id);
  if (state.pending.length > 0 || withdraw.length > 0) {
    const items = chunkOf(state);
    const status = state.failures > 0 ? state.status : 'saving';
    const pending = state.pending.map((item, index) =>
      index < items.length ? { ...item, sent: true } : item,
    );
    return {
      next: { ...state, pending, sending: items.length + withdraw.length, status },
      effects: [...effects, { kind: 'send', base: state.revision, items, withdraw: withdraw.slice(0, 500) }],
    };
  }
  if (state.seen > state.revision)
    return {
      next: { ...state, fetching: true },
      effects: [...effects, { kind: 'fetch', since: state.revision }],
    };
  return { next: { ...state, status: 'saved', failures: 0 }, effects };
}

/** The first pending edits that one request may carry: at least one, however heavy. */
function chunkOf({ pending, chunk }: Saving): readonly Item[] {
  let weight = 0;
  const fits = pending.slice(0, chunk).findIndex((item) => {
    weight += JSON.stringify(item.edit).length;
    return weight > MOST_WEIGHT;
  });
  return pending.slice(0, fits < 0 ? chunk : Math.max(1, fits));
}

const WAIT_MS = 1500;
const LONGEST_WAIT_MS = 30_000;

const pause = (state: Saving, atLeast = 0): Step => {
  const ms = Math.max(atLeast, Math.min(LONGEST_WAIT_MS, WAIT_MS * 2 ** Math.min(8, state.failures - 1)));
  return { next: { ...state, waiting: true }, effects: [{ kind: 'wait', ms }] };
};

function answered(state: Saving, { revision, answers, catchUp }: Extract<Event, { kind: 'answered' }>): Step {
  const byId = new Map(answers.map((answer) => [answer.id, answer]));
  const kept = state.pending.filter(({ id }) => byId.get(id)?.code === 'kept');
  const effects: Effect[] = [];
  // Whatever has an answer is not in the dark any more.
  const pending = state.pending.map((item) =>
    item.sent && byId.has(item.id) ? { ...item, sent: false } : item,
  );
  // What stood aside when this was sent, and turns out to be kept, is no trouble any more; the rest the server has buried.
  const aside = state.aside
    .filter(({ id }) => byId.get(id)?.code !== 'kept')
    .map((one) => ({ ...one, settled: true }));
  let next: Saving = { ...state, aside, chunk: Math.min(MOST_ITEMS, state.chunk * 2), pending };
  const isKept = ({ id }: Item) => byId.get(id)?.code === 'kept';
  if (catchUp) {
    next = { ...next, pending: next.pending.filter((item) => !isKept(item)) };
    const taken = takeOver(next, catchUp);
    next = taken.next;
    effects.push(...taken.effects);
  } else {
    let { confirmed } = next;
    let again = false;
    for (const { id, edit } of kept) {
      // What was kept before this tab caught up is in what it has: applied again it would undo what came after it.
      if ((byId.get(id)?.revision ?? Infinity) <= state.revision) {
        again = true;
        continue;
      }
      const result = applyEdit(confirmed, edit);
      if (result.ok) confirmed = result.plan;
    }
    next = { ...next, confirmed, revision, pending: next.pending.filter((item) => !isKept(item)) };
    if (again) {
      const put = replay(next);
      next = put.next;
      effects.push(...put.effects);
    }
  }
  for (const item of next.pending) {
    const answer = byId.get(item.id);
    if (answer?.code !== 'refused' && answer?.code !== 'withdrawn') continue;
    const why: Why = answer.refusal
      ? { kind: 'refused', refusal: answer.refusal }
      : { kind: 'not-understood', message: say.itWasRefusedBefore };
    const set = setAside(next, { ...item, sent: false }, why, true);
    next = set.next;
    effects.push(...set.effects);
  }
  return then(next, [...effects, { kind: 'keep' }]);
}

/** What a status says about the request rather than about an edit: the edits are kept and sent again. */
const PASSES: ReadonlySet<number> = new Set([401, 403, 404, 408, 423, 425, 429, 502, 503, 504]);

function failed(state: Saving, { status, message, after = 0 }: Extract<Event, { kind: 'failed' }>): Step {
  const [first] = state.pending;
  if (PASSES.has(status) || first === undefined) {
    const shown: Status = status === 401 ? 'signed-out' : status === 404 ? 'gone' : 'trouble';
    return pause({ ...state, status: shown }, after);
  }
  // Whichever edit it is, it shows when each is sent alone.
  if (state.chunk > 1 && state.pending.length > 1) {
    const chunk =
      status === 413 ? Math.max(1, Math.floor(Math.min(state.chunk, state.pending.length) / 2)) : 1;
    if (status === 413) return then({ ...state, chunk, failures: 0 }, []);
    return pause({ ...state, chunk, status: 'trouble' });
  }
  const strikes = state.strikes + 1;
  if (status === 413) {
    const set = setAside({ ...state, strikes: 0, failures: 0 }, first, { kind: 'too-large' });
    return then(set.next, set.effects);
  }
  if (strikes < STRIKES) return pause({ ...state, chunk: 1, strikes, status: 'trouble' }, after);
  if (status >= 500) {
    // Is it the server, or this edit? Something else is asked of the server before the edit is blamed.
    const next = { ...state, chunk: 1, strikes, fetching: true, status: 'trouble' as const };
    return { next, effects: [{ kind: 'fetch', since: state.revision }] };
  }
  const set = setAside({ ...state, strikes: 0, failures: 0 }, first, { kind: 'not-understood', message });
  return then(set.next, set.effects);
}

/** Takes one pending edit out of the way; what was typed is kept, and the others are put together again without it. */
function setAside(state: Saving, item: Item, why: Why, settled = false): Step {
  const aside: Aside = { ...item, why, settled };
  const { next, effects } = replay({
    ...state,
    pending: state.pending.filter(({ id }) => id !== item.id),
    aside: [...state.aside, aside],
  });
  return { next, effects: [{ kind: 'toldAside', aside }, ...effects, { kind: 'keep' }] };
}

/** Stands where the server stands, and puts what is pending on top. A server that was restored may stand further back. */
function takeOver(state: Saving, catchUp: CatchUp): Step {
  const confirmed = 'plan' in catchUp ? catchUp.plan : applyDelta(state.confirmed, catchUp.delta);
  const { revision, authors } = catchUp;
  const moved = {
    ...state,
    confirmed,
    revision,
    seen: 'plan' in catchUp ? revision : Math.max(state.seen, revision),
  };
  const { next, effects } = replay(moved);
  const own = next.pending.length;
  return { next, effects: authors.length > 0 ? [...effects, { kind: 'toldOthers', authors, own }] : effects };
}

/**
 * Applies what is pending to what is confirmed. What no longer fits is set aside; but where no answer says yet whether the
 * server has it, it may be confirmed already, and the server is asked first.
 */
function replay(state: Saving): Step {
  let shown = state.confirmed;
  const pending: Item[] = [];
  const out: Aside[] = [];
  for (const item of state.pending) {
    const result = applyEdit(shown, item.edit);
    if (result.ok) {
      shown = result.plan;
      pending.push(item);
    } else if (item.sent) pending.push(item);
    else out.push({ ...item, why: { kind: 'refused', refusal: result.refusal } });
  }
  return {
    next: { ...state, shown, pending, aside: [...state.aside, ...out] },
    effects: out.map((aside): Effect => ({ kind: 'toldAside', aside })),
  };
}
