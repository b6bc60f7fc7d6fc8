import type { CardNumber, KeypadRecord } from '../plan/index';

/**
 * A keypad's programming language, as data. The same description reads keys at the on-screen keypad and
 * writes them for an installer; adding a keypad means adding data.
 */
export interface KeypadLanguage {
  readonly id: string;
  readonly name: string;
  /** Rows of keys as they stand on the keypad. */
  readonly keys: readonly (readonly string[])[];
  readonly factoryCode: string;
  /** Silence after which an unfinished entry, or programming mode, is dropped. */
  readonly timeoutMs: number;
  readonly code: { readonly least: number; readonly most: number };
  /** Codes must have as many digits as the programming code. */
  readonly sameLength: boolean;
  readonly slots: { readonly first: number; readonly last: number; readonly digits: number };
  readonly cards: boolean;
  /** Some keypads cannot delete a slot, only overwrite it. */
  readonly clears: boolean;
  /** Wrong codes before the keypad locks itself, and for how long. */
  readonly lockout: { readonly tries: number; readonly ms: number };
  /** A person's code at the door. */
  readonly entry: readonly Token[];
  /** Into programming mode and out of it. */
  readonly enter: readonly Token[];
  readonly leave: readonly Token[];
  readonly commands: Readonly<Partial<Record<CommandId, readonly Token[]>>>;
  readonly replies: Readonly<Record<ReplyId, Reply>>;
}

export type CommandId = 'set-code' | 'set-card' | 'clear-slot' | 'unlock-time' | 'programming-code';

/** What one or more strokes stand for. */
export type Token =
  | { readonly key: string }
  | { readonly field: FieldId; readonly least: number; readonly most: number }
  | { readonly card: true };

export type FieldId = 'programming' | 'slot' | 'code' | 'again' | 'seconds';

/** What the keypad shows and sounds. */
export interface Reply {
  readonly beeps: number;
  readonly long: boolean;
  readonly light: 'green' | 'amber' | 'red' | 'off';
}

export type ReplyId =
  'opened' | 'refused' | 'programming' | 'stored' | 'left' | 'timed-out' | 'locked-out' | 'key';

/** One thing a person does at the keypad. */
export type Stroke = { readonly key: string } | { readonly card: CardNumber };

export type Memory = Omit<KeypadRecord, 'device'>;

/** What a keypad holds when it leaves the factory. */
export const factoryMemory = (language: KeypadLanguage): Memory => ({
  programmingCode: language.factoryCode,
  slots: {},
  times: { unlock: 5 },
});

export const sameCard = (a: CardNumber | null, b: CardNumber | null): boolean =>
  a === b || (a !== null && b !== null && a.facility === b.facility && a.number === b.number);
