import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { SlotContent } from '../plan/index';
import { nameOf, plainName, tapsOf } from './letters';
import {
  AT_DOOR,
  factoryMemory,
  findLanguage,
  passTime,
  press,
  screenOf,
  switchOn,
  type Keypad,
  type KeypadLanguage,
  type Memory,
  type ReplyId,
  type Stroke,
} from './index';

const fingers = findLanguage('screen-fingers')!;

/** Keys as a leaflet writes them, `f1` a finger and `c1` a card, pressed one after another. */
function pressed(language: KeypadLanguage, start: Keypad, text: string) {
  let answer: { keypad: Keypad; reply: ReplyId } = { keypad: start, reply: 'key' };
  for (const word of text.split(' ')) {
    const [, kind, id] = /^([fc])(\d)$/.exec(word) ?? [];
    const strokes: Stroke[] =
      kind === 'f'
        ? [{ finger: id! }]
        : kind === 'c'
          ? [{ card: { facility: 1, number: Number(id) } }]
          : /^\d+$/.test(word)
            ? [...word].map((key) => ({ key }))
            : [{ key: word }];
    for (const stroke of strokes) answer = press(language, answer.keypad, stroke, 0);
  }
  return answer;
}
const holding = (slots: Memory['slots'], language = fingers): Keypad =>
  switchOn({ ...factoryMemory(language), slots });
const FIRST: SlotContent = { code: '4711', card: null, fingers: ['1'], administers: true };

describe('a menu', () => {
  it('has its mark moved, round and round, and stands on the line it was left by', () => {
    const open = pressed(fingers, holding({}), 'MENU');
    expect(open.reply).toBe('programming');
    expect(screenOf(fingers, open.keypad)).toEqual({
      on: 'list',
      title: 'Menu',
      lines: ['People', 'Door'],
      marked: 0,
      done: null,
    });
    expect(pressed(fingers, open.keypad, '▼ ▼ ▼').keypad.cursor).toBe(1);
    expect(pressed(fingers, open.keypad, '▲').keypad.cursor).toBe(1);
    const back = pressed(fingers, open.keypad, '▼ OK ▼ OK BACK BACK');
    expect([back.keypad.mode, back.keypad.cursor, back.reply]).toEqual(['menu', 1, 'left']);
    expect(pressed(fingers, back.keypad, 'BACK').keypad.mode).toBe(AT_DOOR);
  });
  it('is open to anybody until somebody administers, and to nobody else from then on', () => {
    const one = pressed(fingers, holding({}), 'MENU OK ▼ OK 0001 OK OK ▼ OK f1 f1 f1 OK OK 4711 OK 4711 OK');
    expect([one.reply, one.keypad.memory.slots]).toEqual(['stored', { 1: FIRST }]);
    const out = pressed(fingers, one.keypad, 'BACK BACK').keypad;
    const ways = ['f1', '0001 OK 4711 OK', 'f2', 'c5', '0001 OK 4712 OK', '0002 OK 4711 OK'];
    expect(ways.map((way) => pressed(fingers, out, `MENU ${way}`).reply)).toEqual([
      'programming',
      'programming',
      'refused',
      'refused',
      'refused',
      'refused',
    ]);
    // Whoever opens the door does not open the menu by that.
    const user = holding({ 1: FIRST, 2: { code: '5822', card: { facility: 1, number: 5 } } });
    expect(['f1', 'c5'].map((way) => pressed(fingers, user, way).reply)).toEqual(['opened', 'opened']);
    expect(pressed(fingers, user, 'MENU c5').reply).toBe('refused');
    expect(pressed(fingers, user, 'MENU 0002 OK 5822 OK').reply).toBe('refused');
  });
  it('refuses what does not fit where it is keyed, and waits on', () => {
    const at = pressed(fingers, holding({}), 'MENU OK ▼ OK 0001');
    expect(pressed(fingers, at.keypad, '5').reply).toBe('refused');
    expect(pressed(fingers, at.keypad, '5 c1').keypad.strokes).toHaveLength(4);
    // Readings of two fingers are none, and a password that is not said twice is none either.
    const two = pressed(fingers, at.keypad, 'OK OK OK f1 f2 f1 OK OK OK OK');
    expect([two.reply, two.keypad.memory.slots]).toEqual(['refused', {}]);
    expect(pressed(fingers, at.keypad, 'OK OK OK OK OK 4711 OK 4712 OK').reply).toBe('refused');
    expect(pressed(fingers, at.keypad, 'OK OK OK OK OK 4711 OK OK').reply).toBe('refused');
    const given = pressed(fingers, at.keypad, 'BACK');
    expect([given.reply, given.keypad.chosen, given.keypad.strokes]).toEqual(['left', false, []]);
  });
  it('offers the next number that is free, and refuses one that is taken', () => {
    const full = holding({ 1: { code: '1111', card: null } });
    const next = pressed(fingers, full, 'MENU OK ▼ OK OK OK OK OK OK 4711 OK 4711 OK');
    expect(Object.keys(next.keypad.memory.slots)).toEqual(['1', '2']);
    const taken = pressed(fingers, full, 'MENU OK ▼ OK 0001 OK OK OK OK OK 4711 OK 4711 OK');
    expect([taken.reply, taken.keypad.memory.slots[1]?.code]).toEqual(['refused', '1111']);
  });
  it('lets two people have one password where each has a number, and edits only who is there', () => {
    const two = holding({ 1: { code: '4711', card: null }, 2: { code: '4711', card: null } });
    expect(pressed(fingers, two, '0002 OK 4711 OK').reply).toBe('opened');
    expect(pressed(fingers, two, '0003 OK 4711 OK').reply).toBe('refused');
    const edit = 'MENU OK OK OK';
    expect(pressed(fingers, two, `${edit} 0002 OK 5822 OK 5822 OK`).reply).toBe('stored');
    expect(pressed(fingers, two, `${edit} 0003 OK 5822 OK 5822 OK`).reply).toBe('refused');
    const more = pressed(fingers, two, 'MENU OK OK ▼ ▼ OK 0002 OK f1 f1 f1 OK');
    expect(more.keypad.memory.slots[2]?.fingers).toEqual(['1']);
    expect(pressed(fingers, more.keypad, 'OK 0001 OK f1 f1 f1 OK').reply).toBe('refused');
    const role = pressed(fingers, more.keypad, '▼ OK 0001 OK ▼ OK');
    expect(role.keypad.memory.slots[1]?.administers).toBe(true);
    expect(
      pressed(fingers, role.keypad, 'OK 0001 OK OK').keypad.memory.slots[1]?.administers,
    ).toBeUndefined();
  });
  it('drops out of a menu in silence, and goes back to the door by one key as well', () => {
    const open = pressed(fingers, holding({}), 'MENU OK ▼ OK 0001').keypad;
    const late = passTime(fingers, open, fingers.timeoutMs)!.keypad;
    expect([late.mode, late.cursor, late.chosen, late.strokes]).toEqual([AT_DOOR, 0, false, []]);
    const wrong = pressed(fingers, holding({}), '00 BACK');
    expect([wrong.reply, wrong.keypad.strokes, wrong.keypad.wrongTries]).toEqual(['left', [], 0]);
  });
  it('shows what is asked for, and never a digit of a code', () => {
    const asks = (keys: string) => {
      const on = screenOf(fingers, pressed(fingers, holding({ 1: FIRST }), keys).keypad);
      return on && 'asks' in on ? `${on.on} ${on.asks} ${on.typed}`.trim() : on?.on;
    };
    const start = 'MENU f1 OK ▼ OK';
    expect(
      [
        '0001',
        'MENU 0001 OK 47',
        start,
        `${start} 00`,
        `${start} 0007`,
        `${start} 0007 OK 44`,
        `${start} 0007 OK OK ▼`,
        `${start} 0007 OK OK OK f2 f2`,
        `${start} 0007 OK OK OK OK c3`,
        `${start} 0007 OK OK OK OK OK 4711 OK 47`,
        'MENU f1 OK ▼ ▼ ▼ OK',
      ].map(asks),
    ).toEqual([
      'entry slot 0001',
      'administrator code ••',
      'form slot',
      'form slot 00',
      'form slot 0007',
      'form name H',
      'form role administrator',
      'form finger ●●',
      'form card ●',
      'form again ••',
      'form sure',
    ]);
    const stroke = fc.constantFrom(...fingers.keys.flat().filter((key) => !/^[1-9]$/.test(key)), '9');
    fc.assert(
      fc.property(fc.array(stroke, { maxLength: 40 }), (keys) => {
        const held = holding({ 1: { ...FIRST, code: '999999' } });
        const { keypad } = pressed(fingers, held, ['MENU f1', ...keys].join(' '));
        expect(JSON.stringify(screenOf(fingers, keypad))).not.toContain('999999');
      }),
    );
  });
});

describe('letters on digit keys', () => {
  it('spell a name, as far as they have its letters', () => {
    expect(tapsOf('Odd Nø')).toBe('6663>30 66>666'.replaceAll(' ', ''));
    expect([plainName('Ann-Kathrin Åström'), plainName('李')]).toEqual(['ANNKATHRIN ASTROM', '']);
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), (name) => {
        expect(nameOf(tapsOf(name))).toBe(plainName(name));
      }),
    );
  });
});
