import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { SlotContent } from '../plan/index';
import {
  compareMemory,
  compileScript,
  factoryMemory,
  LANGUAGES,
  passTime,
  press,
  switchOn,
  type Keypad,
  type KeypadLanguage,
  type Memory,
  type Stroke,
  type Target,
} from './index';

const keys = (text: string): Stroke[] => [...text].map((key) => ({ key }));
function type(language: KeypadLanguage, keypad: Keypad, strokes: readonly Stroke[], at = 1000) {
  let answer = { keypad, reply: 'key' as string, slot: null as number | null };
  strokes.forEach((stroke, index) => {
    answer = press(language, answer.keypad, stroke, at + index * 200);
  });
  return answer;
}
const [slots, overwrite] = LANGUAGES as [KeypadLanguage, KeypadLanguage];

const slotTable = (language: KeypadLanguage) =>
  fc
    .uniqueArray(fc.integer({ min: language.slots.first, max: Math.min(30, language.slots.last) }), {
      maxLength: 6,
    })
    .chain((numbers) =>
      fc
        .uniqueArray(fc.integer({ min: 1000, max: 9999 }), {
          minLength: numbers.length,
          maxLength: numbers.length,
        })
        .map((codes) =>
          Object.fromEntries(
            numbers.map((slot, i): [number, SlotContent] => [
              slot,
              {
                code: String(codes[i]),
                card: language.cards && i % 2 === 0 ? { facility: 7, number: codes[i] ?? 0 } : null,
              },
            ]),
          ),
        ),
    );

describe('compileScript', () => {
  it.each(LANGUAGES.map((language) => [language.id, language] as const))(
    '%s: the script, keyed in, leaves exactly the list in the memory',
    (_, language) => {
      fc.assert(
        fc.property(
          slotTable(language),
          slotTable(language),
          fc.integer({ min: 1, max: 60 }),
          (now, wanted, seconds) => {
            const programmingCode = language.factoryCode;
            const memory: Memory = { programmingCode, slots: now, times: { unlock: 5 } };
            const codes = new Set([...Object.values(now), ...Object.values(wanted)].map((one) => one.code));
            if (codes.has(programmingCode)) return;
            // Overwriting cannot swap codes between slots without a spare: that is the installer's to settle.
            const moved = Object.entries(now).some(([slot, one]) =>
              Object.entries(wanted).some(([other, two]) => other !== slot && two.code === one.code),
            );
            if (moved && !language.clears) return;
            const target: Target = { programmingCode, slots: wanted, unlockSeconds: seconds };
            let scrap = 99_990_000;
            const script = compileScript(language, memory, target, () =>
              String((scrap += 1))
                .slice(-4)
                .replace(/^/, ''),
            );
            let keypad = switchOn(memory);
            let at = 0;
            for (const step of script) {
              let reply = '';
              for (const stroke of step.strokes) {
                at += 300;
                const answer = press(language, keypad, stroke, at);
                keypad = answer.keypad;
                reply = answer.reply;
              }
              expect(reply).toBe(step.reply);
            }
            const left = compareMemory(keypad.memory, target).filter((line) => line.state !== 'same');
            const strangers = left.filter((line) => line.state === 'stranger');
            expect(left).toEqual(language.clears ? [] : strangers);
            expect(keypad.memory.times['unlock']).toBe(seconds);
            expect(keypad.mode).toBe('door');
            // Done again, there is nothing left to key in.
            if (language.clears)
              expect(compileScript(language, keypad.memory, target, () => '0000')).toEqual([]);
          },
        ),
        { numRuns: 150 },
      );
    },
  );

  it('changes the programming code before anything else', () => {
    const target: Target = {
      programmingCode: '864209',
      slots: { 3: { code: '4711', card: null } },
      unlockSeconds: 5,
    };
    const script = compileScript(slots, factoryMemory(slots), target, () => '');
    expect(script.map((step) => step.purpose)).toEqual(['enter', 'programming-code', 'set-code', 'leave']);
    expect(script[0]?.strokes).toEqual(keys('*0975310#'));
    expect(script[2]?.strokes).toEqual(keys('1003#4711#'));
  });
});

describe('press', () => {
  const held: Memory = {
    ...factoryMemory(slots),
    slots: { 5: { code: '4711', card: { facility: 7, number: 42 } } },
  };
  it('opens on a known code or card and names its slot', () => {
    expect(type(slots, switchOn(held), keys('4711#'))).toMatchObject({ reply: 'opened', slot: 5 });
    expect(type(slots, switchOn(held), [{ card: { facility: 7, number: 42 } }])).toMatchObject({
      reply: 'opened',
      slot: 5,
    });
  });
  it('refuses an unknown code and locks itself after five', () => {
    expect(type(slots, switchOn(held), keys('1111#')).reply).toBe('refused');
    const locked = type(slots, switchOn(held), keys('1111#1111#1111#1111#1111#'));
    expect(locked.reply).toBe('locked-out');
    expect(press(slots, locked.keypad, { key: '4' }, 9000).reply).toBe('locked-out');
    expect(press(slots, locked.keypad, { key: '4' }, 90_000).reply).toBe('key');
  });
  it('loses unfinished work after the time-out', () => {
    const half = type(slots, switchOn(held), keys('*0975310#1006#12'));
    expect(half.keypad.mode).toBe('programming');
    const late = passTime(slots, half.keypad, half.keypad.lastAt + slots.timeoutMs);
    expect(late).toMatchObject({ reply: 'timed-out', keypad: { mode: 'door', strokes: [] } });
    expect(late?.keypad.memory).toEqual(held);
  });
  it('refuses a code that is taken, and one of another length where all must be alike', () => {
    expect(type(slots, switchOn(held), keys('*0975310#1006#4711#')).reply).toBe('refused');
    const other = switchOn(factoryMemory(overwrite));
    expect(type(overwrite, other, keys('#2468#2468#01*12345*12345*')).reply).toBe('refused');
    expect(type(overwrite, other, keys('#2468#2468#01*1234*1234*')).reply).toBe('stored');
  });
  it('never throws, whatever is pressed', () => {
    const stroke = fc.constantFrom(...'0123456789*#').map((key): Stroke => ({ key }));
    for (const language of LANGUAGES) {
      fc.assert(
        fc.property(fc.array(stroke, { maxLength: 60 }), (strokes) => {
          expect(
            type(language, switchOn(factoryMemory(language)), strokes).keypad.strokes.length,
          ).toBeLessThan(40);
        }),
      );
    }
  });
});
