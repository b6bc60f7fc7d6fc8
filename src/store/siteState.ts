import type * as Admission from '#core/admission/index';
import type { Changed, DoorId, Edit, EditBack, Plan } from '#core/plan/index';
import type { Keep } from './keep';
import type { Left } from './tabKeep';
import type { Aside, Status } from './saving';

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
  /** False for somebody whose passphrase does not show codes: they never are. */
  readonly codes: boolean;
  /** False while the server does not answer: what is changed is kept here until it does. */
  readonly reachable: boolean;
  /** Doors that are whole in the plan so far; null once all of the site is there. */
  readonly doors: readonly DoorId[] | null;
  /** False until edits can be looked at: until then nothing changes at all. */
  readonly ready: boolean;
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

/** A change that was made, and what takes it back. */
export interface StepBack {
  readonly label: string;
  readonly inverse: Edit;
  /** What the edit left behind: an undo that finds something else says so first. */
  readonly left: EditBack['left'];
}

export interface StoreOptions {
  readonly plan: Plan;
  readonly revision: number;
  /** False for a plan whose secrets are fetched apart. */
  readonly complete?: boolean;
  /** False for somebody who may not see codes. */
  readonly codes?: boolean;
  /** Doors that are whole in a plan of which the rest is fetched apart; null, as without it, where all is there. */
  readonly doors?: readonly DoorId[] | null;
  /** What looks at every edit before it shows. It is heavy, and in a browser fetched once the page stands. */
  readonly admission: typeof Admission | (() => Promise<typeof Admission>);
  author(): string;
  /** Where unsaved changes outlive a reload; the tab's session storage unless it says otherwise. */
  readonly keep?: Keep;
  /** What tabs before this one left unsaved; nothing unless it says otherwise. */
  readonly left?: (site: string) => Promise<readonly Left[]>;
  /** Tells a person something that cannot be seen on the sheet; with what takes it back, where something does. */
  tell(message: string, takeBack?: () => void): void;
}

/** A site as its page brought it: nothing changed, nothing to take back. */
export const asOpened = ({ plan, complete, codes, doors, admission }: StoreOptions): SiteState => ({
  plan,
  version: 0,
  status: 'saved',
  aside: [],
  complete: complete ?? true,
  codes: codes ?? true,
  reachable: true,
  doors: doors ?? null,
  ready: typeof admission !== 'function',
  canUndo: null,
  canRedo: null,
  asking: null,
});
