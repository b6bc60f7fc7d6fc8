import type { ReadResult } from '#core/formats/index';
import type { DoorId, Plan } from '#core/plan/index';

/** What takes long and is done beside the thread that answers. */
export type Task =
  /** The pack of a door as PDF, from a plan that holds at least whatever the door feels. */
  | {
      readonly kind: 'pack';
      readonly plan: Plan;
      readonly door: DoorId;
      readonly printedAt: Date;
      readonly codes: boolean;
    }
  /** A site file as it was sent. */
  | { readonly kind: 'read-file'; readonly text: string };

export interface Results {
  readonly pack: Uint8Array;
  readonly 'read-file': ReadResult;
}

/** An error that the asker is told, on its way between threads. */
export interface Refused {
  readonly status: number;
  readonly code: string;
  readonly message: string;
  readonly more: object;
}

/** What comes of a task. */
export type Outcome =
  | { readonly ok: true; readonly value: Results[Task['kind']] }
  | { readonly ok: false; readonly refused: Refused }
  | { readonly ok: false; readonly failed: string };
