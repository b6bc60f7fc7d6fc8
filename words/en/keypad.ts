import type {
  FoundProblem,
  KeypadLanguage,
  KeySheet,
  Reply,
  ReplyId,
  Reset,
  ScriptProblem,
  ScriptStep,
  SheetLine,
  SlotComparison,
  Stroke,
} from '#core/keypads/index';
import type { Person, SlotContent } from '#core/plan/index';
import { dayWords } from './access';
import { screenSays } from './screen';
import { spoken, texts } from '../messages';

export const REPLY_NAMES: Record<ReplyId, string> = texts({
  opened: 'opens',
  refused: 'refuses',
  programming: 'in programming',
  stored: 'stored',
  left: 'left programming',
  'timed-out': 'timed out: unfinished work is lost',
  'locked-out': 'locked out',
  key: '',
});

/** `2 short beeps, amber`. */
export const replyWords = spoken(function replyWords({ beeps, long, light }: Reply): string {
  const sound =
    beeps === 0 ? 'no beep' : `${beeps} ${long ? 'long' : 'short'} ${beeps === 1 ? 'beep' : 'beeps'}`;
  return `${sound}, ${light === 'off' ? 'light off' : light}`;
});

export const PURPOSES: Record<ScriptStep['purpose'], string> = texts({
  enter: 'Enter programming',
  choose: 'Choose',
  leave: 'Leave programming',
  'set-code': 'Store a code',
  'set-card': 'Store a card',
  'new-user': 'Store a person',
  'add-finger': 'Add a finger',
  'set-role': 'Change the role',
  'clear-slot': 'Clear the slot',
  'add-code': 'Add a code',
  'add-card': 'Add cards',
  'clear-all': 'Erase all users',
  'delete-code': 'Remove a code',
  'delete-card': 'Remove cards',
  'set-time': 'Set the unlock time',
  'programming-code': 'Change the programming code',
});

export const SLOT_STATES: Record<SlotComparison['state'], string> = texts({
  same: 'as listed',
  missing: 'not in the keypad',
  differs: 'differs',
  stranger: 'not on the list',
  unknown: 'not known',
});

/** What of the list cannot be keyed in, and what to do instead. */
export const scriptProblemWords = spoken(function scriptProblemWords({
  slot,
  purpose,
  problem,
}: ScriptProblem): string {
  const what = `${PURPOSES[purpose]}${slot === null ? '' : `, slot ${slot}`}`;
  if (problem === 'differs')
    return 'On the simulated keypad these keys would leave something other than the list: none are shown.';
  if (problem === 'closed')
    return 'Its menu asks for an administrator, and nothing an administrator could show is known to open it. A reset is the only way in: it erases all users, and everybody is keyed in again.';
  return problem === 'held-length'
    ? `${what}: the keypad takes no programming code of another length while it holds codes, and it cannot clear them. Keep the length, or reset it to factory and key everything in again.`
    : `${what}: the keypad would refuse it. It is left out of the keys below.`;
});

/** What a line of keys is for; at a screen, what is chosen there, and as whom its menu is opened. */
export const purposeWords = spoken(function purposeWords({
  purpose,
  screen,
  slot,
  about,
}: SheetLine): string {
  if (purpose === 'try')
    return screen?.on === 'list' ? 'Check that its menu opens to them' : 'Try it at the door';
  if (!screen) return PURPOSES[purpose];
  if (purpose === 'choose') return `Choose “${screen.on === 'form' ? screen.title : ''}”`;
  if (purpose === 'enter') return slot === null ? 'Open the menu' : 'Open the menu as an administrator';
  if (purpose === 'leave') return 'Go back to the door';
  return about.slot !== undefined && purpose === 'clear-slot' ? 'Remove the person' : PURPOSES[purpose];
});

/** What a keypad answers to the last of a line: what it sounds, and what its screen shows. */
export const answerWords = spoken(({ shows, screen }: Pick<SheetLine, 'shows' | 'screen'>): string =>
  screen ? `${replyWords(shows)}; its screen: ${screenSays(screen)}` : replyWords(shows),
);

/** A stroke as it stands on the key that is pressed. */
export const strokeWords = spoken((stroke: Stroke): string =>
  'key' in stroke
    ? stroke.key
    : 'card' in stroke
      ? 'card'
      : 'finger' in stroke
        ? 'finger'
        : stroke.master === 'add'
          ? 'master +'
          : 'master −',
);

/** `3 short beeps, red`: how this keypad refuses. */
export const refusedWords = spoken(
  ({ replies }: KeypadLanguage): string => `It refused: ${replyWords(replies.refused)}`,
);

/** What silence would lose now, and what is stored whatever happens. */
export const sheetHint = spoken(function sheetHint(
  language: KeypadLanguage,
  { lines, at, known, begun }: KeySheet,
): string {
  const line = lines[at];
  if (line?.purpose === 'try')
    return 'The keypad confirms that something was stored, not what: try each new person on the spot.';
  const seconds = language.timeoutMs / 1000;
  const { screen } = language;
  const back =
    screen && at === 0 ? `First press ${screen.back} until it shows what it shows at the door. ` : '';
  const again = begun > 1 ? `${back}It goes on from what is stored. ` : '';
  const stored = Object.keys(known.slots).length;
  const lost =
    language.timeoutLoses === 'session'
      ? 'all that was keyed since programming began is lost'
      : `the unfinished line is lost, and ${stored === 1 ? 'the one entry' : `the ${stored} entries`} stored so far stay`;
  return `${again}Do not wait: after ${seconds} s of silence it drops out, and ${lost}.`;
});

/** Why a line of what was found is not taken. */
export const FOUND_PROBLEMS: Record<FoundProblem, string> = texts({
  'no-slot': 'it does not begin with a slot number',
  'slot-out-of-range': 'the keypad has no slot of that number',
  'nothing-held': 'it names a slot and nothing in it',
  'neither-code-nor-card': 'a part is neither a code nor a card',
  'code-length': 'the keypad takes no code of that length',
  'two-codes': 'it names two codes',
  'two-cards': 'it names two cards',
  'slot-twice': 'the slot was named before',
  'code-twice': 'another slot holds that code',
  'card-twice': 'another slot holds that card',
});

/** How a keypad whose programming code nobody knows is reset, and what that wipes. */
export const resetWords = spoken(
  ({ how, wipes }: Reset): string =>
    `When nobody gets into programming: ${how} ${
      wipes === 'all' ? 'It erases all users as well.' : 'Codes and cards stay.'
    }`,
);

/** What stands in a slot, without a digit of it: `code, card 71-2001`. */
export const heldWords = spoken(function heldWords({
  code,
  card,
  unknown,
  fingers = [],
  administers,
}: SlotContent): string {
  const parts = [
    unknown === 'code' || unknown === 'all' ? 'perhaps a code' : code !== null && 'code',
    unknown === 'card' || unknown === 'all'
      ? 'perhaps a card'
      : // It stands in a narrow column, and is one number.
        card && `card ${card.facility}\u2011${card.number}`,
    unknown === 'all'
      ? false
      : fingers.length > 0 && (fingers.length === 1 ? 'a finger' : `${fingers.length} fingers`),
    administers && (unknown === 'all' ? 'perhaps an administrator' : 'administers'),
  ];
  return parts.filter(Boolean).join(', ');
});

const HOW: Readonly<Record<NonNullable<SlotContent['how']>, string>> = {
  keyed: 'keyed',
  read: 'read',
  found: 'found',
};

/** Where it is known from: `keyed 12 Nov 2026`; and that whoever it was has left. */
export const sourceWords = spoken(({ how, on }: SlotContent, left: string | null): string =>
  [how && on ? `${HOW[how]} ${dayWords(on)}` : '', left === null ? '' : `left ${dayWords(left)}`]
    .filter(Boolean)
    .join(', '),
);

/** What is to be keyed at a keypad: `2 to store, 1 to clear, of Ines Calloway`. */
export const openSheetWords = spoken(function openSheetWords(
  open: readonly SlotComparison[],
  leavers: readonly Person[],
): string {
  const count = (states: readonly SlotComparison['state'][]) =>
    open.filter(({ state }) => states.includes(state)).length;
  const store = count(['missing', 'differs']);
  const clear = count(['stranger', 'unknown']);
  return [
    store > 0 && `${store} to store`,
    clear > 0 && `${clear} to clear`,
    leavers.length > 0 && `of ${leavers.map(({ name }) => name).join(', ')}`,
  ]
    .filter(Boolean)
    .join(', ');
});
