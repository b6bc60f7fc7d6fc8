import type { CodeRule, Deed, Length, Master, ReplyId, Screen, Token } from '../leaflet/index';
import type { CardNumber, KeypadRecord } from '../plan/index';

export {
  DEEDS,
  FIELDS,
  type CodeRule,
  type Deed,
  type FieldId,
  type Length,
  type Master,
  type ReplyId,
  type Screen,
  type Token,
} from '../leaflet/index';

/**
 * A keypad's programming language, as data. The same description reads keys at the on-screen keypad and
 * writes them for an installer; adding a keypad means adding data.
 */
export interface KeypadLanguage {
  readonly id: string;
  readonly name: string;
  /** Rows of keys as they stand on the keypad. */
  readonly keys: readonly (readonly string[])[];
  /** What it shows its menus on; null where beeps and a light are all it has. */
  readonly screen: Screen | null;
  /** Empty where no code lets anybody into programming. */
  readonly factoryCode: string;
  /** Silence after which an unfinished entry, or programming mode, is dropped. */
  readonly timeoutMs: number;
  /** What that silence loses: the unfinished line, or all that was keyed since programming began. */
  readonly timeoutLoses: 'line' | 'session';
  /** Digits of the programming code, and of a person's. */
  readonly programming: Length;
  readonly code: Length;
  readonly rules: readonly CodeRule[];
  /** Codes that the keypad keeps for itself. */
  readonly reserved: readonly string[];
  /** Numbered places for one person each; null where codes and cards are appended to one list. */
  readonly slots: { readonly first: number; readonly last: number; readonly digits: number } | null;
  /** How many slots or entries it holds. */
  readonly capacity: number;
  /** Wrong codes before the keypad locks itself, and for how long. */
  readonly lockout: { readonly tries: number; readonly ms: number };
  /** A person's code at the door. */
  readonly entry: readonly Token[];
  readonly modes: readonly Mode[];
  /** Other ways back to what it was when new, outside of any menu. */
  readonly resets: readonly Reset[];
  readonly replies: Readonly<Record<ReplyId, Reply>>;
  /** The leaflet's own examples: they are tried whenever the language is. */
  readonly examples: readonly Example[];
}

/** A state of the keypad in which keys mean commands; at a screen, a list of a menu. */
export interface Mode {
  readonly id: string;
  /** What a screen calls it. */
  readonly title: string;
  /** Where it is entered from: the door, or another mode. */
  readonly from: string;
  readonly enter: readonly Token[];
  /** Ways for an administrator to show who they are. Once there is one, nobody else comes in: `enter` is for as long as there is none. */
  readonly as: readonly (readonly Token[])[];
  readonly leave: readonly Token[];
  readonly commands: readonly Command[];
}

/** One function of the leaflet: what it does, and what is keyed for it. */
export interface Command {
  readonly does: Deed;
  /** What a screen calls it. */
  readonly title?: string;
  readonly strokes: readonly Token[];
  /** Which time it sets: unlock, exit, held, bell, or a second output's. */
  readonly time?: string;
  /** Which output the code or card works, where not the first; and whether it stays until it is given again. */
  readonly output?: number;
  readonly toggle?: boolean;
  /** What it answers, where that differs from the usual. */
  readonly answer?: Reply;
}

export interface Reset {
  readonly by: 'power-up' | 'contact';
  /** What to do, in the leaflet's words. */
  readonly how: string;
  /** Whether people go too, or the programming code and times alone. */
  readonly wipes: 'all' | 'settings';
}

/** A line of the leaflet: keys as they are written there, what the last of them answers, and what is held then. */
export interface Example {
  readonly strokes: string;
  readonly answer: ReplyId;
  readonly holds: Readonly<Record<number, string>>;
}

/** What the keypad shows and sounds. */
export interface Reply {
  readonly beeps: number;
  readonly long: boolean;
  readonly light: 'green' | 'amber' | 'red' | 'off';
}

/** One thing a person does at the keypad. */
export type Stroke =
  | { readonly key: string }
  | { readonly card: CardNumber }
  | { readonly master: Master }
  | { readonly finger: string };

export type Memory = Omit<KeypadRecord, 'device'>;

/** What a keypad holds when it leaves the factory. */
export const factoryMemory = (language: KeypadLanguage): Memory => ({
  programmingCode: language.factoryCode,
  slots: {},
  times: { unlock: 5 },
});

export { sameCard } from '../plan/index';

/** True where a code lets into programming, and not a person. */
export const hasProgrammingCode = ({ modes }: Pick<KeypadLanguage, 'modes'>): boolean =>
  modes.some(({ enter }) => enter.some((token) => 'field' in token && token.field === 'programming'));

/** True where people are let in by their number and their code together: then two may have one code. */
export const entersByNumber = ({ entry }: Pick<KeypadLanguage, 'entry'>): boolean =>
  entry.some((token) => 'field' in token && token.field === 'slot');

/** A command with the mode it stands in. */
export interface Placed {
  readonly mode: Mode;
  readonly command: Command;
}

/** The command that does this at the first output; of several, the first. */
export function commandFor(
  language: KeypadLanguage,
  does: Deed,
  is: (command: Command) => boolean = () => true,
): Placed | null {
  for (const mode of language.modes)
    for (const command of mode.commands)
      if (command.does === does && (command.output ?? 1) === 1 && !command.toggle && is(command))
        return { mode, command };
  return null;
}

/** The command that takes one card after another into slots that follow each other. */
export const seriesOf = (language: KeypadLanguage): Placed | null =>
  commandFor(language, 'set-card', ({ strokes }) => strokes.some((token) => 'cards' in token));

export const can = (language: KeypadLanguage, ...deeds: readonly Deed[]): boolean =>
  deeds.some((deed) => commandFor(language, deed) !== null);

/** Whether somebody new is asked for such a thing. */
const asksNew = (language: KeypadLanguage, is: (token: Token) => boolean): boolean =>
  commandFor(language, 'new-user')?.command.strokes.some(is) ?? false;

export const takesCards = (language: KeypadLanguage): boolean =>
  can(language, 'set-card', 'add-card') || asksNew(language, (token) => 'card' in token);
export const takesCodes = (language: KeypadLanguage): boolean =>
  can(language, 'set-code', 'add-code') ||
  asksNew(language, (token) => 'field' in token && token.field === 'code');
export const takesFingers = (language: KeypadLanguage): boolean =>
  can(language, 'add-finger') || asksNew(language, (token) => 'finger' in token);
export const takesRoles = (language: KeypadLanguage): boolean =>
  can(language, 'set-role') || asksNew(language, (token) => 'role' in token);
