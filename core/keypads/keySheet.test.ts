import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { beginSheet, isDone, seen, type KeySheet } from './keySheet';
import { cardAsReadBy } from './cardAsReadBy';
import {
  compareMemory,
  factoryMemory,
  findLanguage,
  LANGUAGES,
  passTime,
  press,
  sameCard,
  switchOn,
  type Keypad,
  type KeypadLanguage,
  type Memory,
  type ReplyId,
  type Target,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const scrap = () => '7391';
const targetFor = (language: KeypadLanguage, codes: readonly string[]): Target => ({
  programmingCode: language.factoryCode,
  unlockSeconds: 5,
  slots: Object.fromEntries(codes.map((code, i) => [i + 1, { code, card: null }])),
});

/** A hand that slips: at which stroke of all, and how. */
interface Slip {
  readonly at: number;
  readonly how: 'left-out' | 'doubled' | 'silence';
}

/** Works a sheet off at a real keypad, slips included, and tells the sheet what is seen there. */
function worked(language: KeypadLanguage, memory: Memory, target: Target, slip: Slip | null) {
  let sheet: KeySheet = beginSheet(language, memory, target, scrap);
  let keypad: Keypad = switchOn(memory);
  let strokes = 0;
  let now = 1000;
  for (let turns = 0; turns < 80 && !isDone(sheet); turns += 1) {
    const line = sheet.lines[sheet.at]!;
    let answer: ReplyId = 'key';
    const strike = (stroke: (typeof line.strokes)[number]) => {
      now += 200;
      ({ keypad, reply: answer } = press(language, keypad, stroke, now));
    };
    for (const stroke of line.strokes) {
      const here = slip?.at === strokes++ ? slip.how : null;
      if (here === 'left-out') continue;
      if (here === 'silence') {
        now += language.timeoutMs + 1;
        ({ keypad, reply: answer } = passTime(language, keypad, now) ?? {
          keypad,
          reply: 'timed-out' as const,
        });
        break;
      }
      strike(stroke);
      if (here === 'doubled') strike(stroke);
    }
    const what = cardAsReadBy(answer, line.reply);
    // Whoever sees anything but what the sheet says waits until the keypad is back at the door.
    const passes = what === 'refused' && /^(add|delete)-/.test(line.purpose);
    if (what !== 'so' && !passes) {
      now += language.timeoutMs + 1 + language.lockout.ms;
      keypad = passTime(language, keypad, now)?.keypad ?? keypad;
      sheet = seen(language, sheet, what === 'refused' ? 'dropped-out' : what, target, scrap);
    } else sheet = seen(language, sheet, what, target, scrap);
    if (isDone(sheet)) break;
  }
  return { sheet, keypad };
}

/** Slots of which the sheet says that it knows what stands there, or that nothing does, and that the keypad holds otherwise. */
const wronglyKnown = (language: KeypadLanguage, { known }: KeySheet, { memory }: Keypad) =>
  compareMemory(language, memory, { ...targetFor(language, []), slots: known.slots }).filter(
    ({ held, wanted }) => {
      // What nobody has looked at is not said to be empty.
      if (!wanted && known.rest === 'unknown') return false;
      const unknown = wanted?.unknown;
      const codes = unknown === 'code' || unknown === 'all' || held?.code === wanted?.code;
      const cards =
        unknown === 'card' || unknown === 'all' || sameCard(held?.card ?? null, wanted?.card ?? null);
      return !((codes || (!held?.code && !wanted?.code)) && cards);
    },
  );

describe('a key sheet', () => {
  it.each(LANGUAGES.map((language) => [language.id, language] as const))(
    '%s: answered so to the end, it knows what the keypad holds',
    (_, language) => {
      const codes = language.id === 'master-cards' ? ['47110', '58220'] : ['4711', '5822'];
      const target = targetFor(language, codes);
      const { sheet, keypad } = worked(language, factoryMemory(language), target, null);
      expect([isDone(sheet), sheet.begun, sheet.doubtful]).toEqual([true, 1, []]);
      expect(wronglyKnown(language, sheet, keypad)).toEqual([]);
      expect(compareMemory(language, keypad.memory, target).every(({ state }) => state === 'same')).toBe(
        true,
      );
    },
  );

  it.each(LANGUAGES.map((language) => [language.id, language] as const))(
    '%s: a stroke left out or doubled, or silence at any moment, never leaves it believing what the keypad does not hold',
    (_, language) => {
      const codes = language.id === 'master-cards' ? ['47110', '58220'] : ['4711', '5822'];
      const target = targetFor(language, codes);
      const slip = fc.record({
        at: fc.nat(70),
        how: fc.constantFrom('left-out' as const, 'doubled' as const, 'silence' as const),
      });
      fc.assert(
        fc.property(slip, (one) => {
          const { sheet, keypad } = worked(language, factoryMemory(language), target, one);
          expect(isDone(sheet)).toBe(true);
          expect(wronglyKnown(language, sheet, keypad)).toEqual([]);
        }),
        { numRuns: numberTried(120) },
      );
    },
  );

  it('after a drop-out goes on from what is stored, and begins the unfinished line anew', () => {
    const language = findLanguage('slots-1000')!;
    const target = targetFor(language, ['4711', '5822']);
    let sheet = beginSheet(language, factoryMemory(language), target, scrap);
    expect(sheet.lines.map(({ purpose }) => purpose)).toEqual([
      'enter',
      'set-code',
      'set-code',
      'leave',
      'try',
      'try',
    ]);
    for (let line = 0; line < 2; line += 1) sheet = seen(language, sheet, 'so', target, scrap);
    expect(sheet.known.slots).toEqual({ 1: { code: '4711', card: null } });
    sheet = seen(language, sheet, 'dropped-out', target, scrap);
    expect(sheet.begun).toBe(2);
    expect(sheet.lines.map(({ purpose, slot }) => `${purpose} ${slot ?? ''}`.trim())).toEqual([
      'enter',
      'set-code 2',
      'leave',
      'try 2',
    ]);
  });
  it('knows nothing of a session that silence loses', () => {
    const language = findLanguage('menus-by-number')!;
    const target = targetFor(language, ['4711']);
    let sheet = beginSheet(language, factoryMemory(language), target, scrap);
    while (sheet.lines[sheet.at]?.purpose !== 'leave') sheet = seen(language, sheet, 'so', target, scrap);
    expect(sheet.known.slots).toEqual({});
    expect(
      seen(language, sheet, 'dropped-out', target, scrap).lines.some(({ purpose }) => purpose === 'set-code'),
    ).toBe(true);
  });
  it('keys a code anew that does not open when it is tried, and says that its place was doubtful', () => {
    const language = findLanguage('slots-1000')!;
    const target = targetFor(language, ['4711']);
    let sheet = beginSheet(language, factoryMemory(language), target, scrap);
    while (sheet.lines[sheet.at]?.purpose !== 'try') sheet = seen(language, sheet, 'so', target, scrap);
    sheet = seen(language, sheet, 'refused', target, scrap);
    expect([sheet.doubtful, sheet.known.slots, sheet.lines[1]?.purpose]).toEqual([
      [1],
      { 1: { code: null, card: null, unknown: 'code' } },
      'set-code',
    ]);
    // What is recorded then does not say that the slot is empty.
    while (sheet.lines[sheet.at]?.purpose !== 'try') sheet = seen(language, sheet, 'so', target, scrap);
    expect(sheet.known.slots).toEqual({ 1: { code: '4711', card: null } });
  });
});
