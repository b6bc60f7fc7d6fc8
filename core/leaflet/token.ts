/** At least and at most so many digits. */
export interface Length {
  readonly least: number;
  readonly most: number;
}

export const FIELDS = ['programming', 'slot', 'code', 'again', 'seconds'] as const;
export type FieldId = (typeof FIELDS)[number];

/** Cards that open no door: they begin and end the adding or deleting of others. */
export type Master = 'add' | 'delete';

/** May be passed over, where a screen asks for it. */
interface MayBeLeft {
  readonly optional?: true;
}

/** What one or more strokes stand for. Digits of a padded field are filled up with zeros on the left. */
export type Token =
  | { readonly key: string }
  | ({
      readonly field: FieldId;
      readonly least: number;
      readonly most: number;
      readonly padded?: true;
    } & MayBeLeft)
  | ({ readonly card: true } & MayBeLeft)
  /** One card after another, as many as are at hand. */
  | { readonly cards: true }
  | { readonly master: Master }
  /** The same finger laid on so many times. */
  | ({ readonly finger: number } & MayBeLeft)
  /** Letters on the digit keys; the key given moves on to the next place. */
  | ({ readonly name: true; readonly next: string } & MayBeLeft)
  /** User or administrator: each press of one of these keys changes from the one to the other. */
  | { readonly role: true; readonly by: readonly string[] };
