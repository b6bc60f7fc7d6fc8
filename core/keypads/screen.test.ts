import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { SlotContent } from '../plan/index';
import { languageSchema } from '../plan/schemas/language';
import { aScreenLeaflet } from '../specimens/screenLeaflets';
import { nameOf, plainName, tapsOf } from './letters';
import {
  AT_DOOR,
  beginSheet,
  can,
  compareMemory,
  compileScript,
  factoryMemory,
  findLanguage,
  fromLeaflet,
  isDone,
  languageProblems,
  LANGUAGES,
  passTime,
  press,
  screenOf,
  seen,
  cardAsReadBy,
  switchOn,
  toLeaflet,
  takesCards,
  takesCodes,
  takesFingers,
  takesRoles,
  type Keypad,
  type KeypadLanguage,
  type Memory,
  type ReplyId,
  type Stroke,
  type Target,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const fingers = findLanguage('screen-fingers')!;
const named = findLanguage('screen-names')!;
const SCREENED = LANGUAGES.filter(({ screen }) => screen !== null).map((one) => [one.id, one] as const);

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

/** What a terminal with a screen may hold: some with a finger or two, one or the other an administrator. */
const heldBy = (language: KeypadLanguage) =>
  contentsOf(language, {
    codes: takesCodes(language),
    cards: takesCards(language),
    roles: takesRoles(language),
    first: language.slots!.first,
    digits: language.code.least,
  });
const contentsOf = (
  language: KeypadLanguage,
  takes: { codes: boolean; cards: boolean; roles: boolean; first: number; digits: number },
) =>
  fc
    .array(
      fc.record({
        code: fc.boolean(),
        card: fc.boolean(),
        fingers: fc.nat(takesFingers(language) ? 2 : 0),
        administers: fc.boolean(),
        who: fc.nat(5),
      }),
      { maxLength: 4 },
    )
    .map((people) =>
      Object.fromEntries(
        [...new Map(people.map((one) => [one.who, one])).values()].flatMap(
          (
            { code: hasCode, card: hasCard, fingers: count, administers, who },
            index,
          ): [number, SlotContent][] => {
            const [code, card] = [hasCode && takes.codes, hasCard && takes.cards];
            return code || card || count > 0
              ? [
                  [
                    index + takes.first,
                    {
                      code: code ? String(4000 + who).padEnd(takes.digits, '0') : null,
                      card: card ? { facility: 7, number: who + 1 } : null,
                      ...(count > 0
                        ? { fingers: ['1', '2'].slice(0, count).map((n) => `P${who}/${n}`) }
                        : {}),
                      ...(administers && takes.roles ? { administers: true as const } : {}),
                      name: 'ABCDEF'[who]!,
                    },
                  ],
                ]
              : [];
          },
        ),
      ),
    );
const targetOf = (slots: Target['slots']): Target => ({ programmingCode: '', slots, unlockSeconds: 5 });

/** Whatever of those who administer opens the menu. */
const openersOf = (slots: Target['slots']): string[] =>
  Object.values(slots).flatMap(({ code, card, fingers = [], administers }) =>
    administers
      ? [...(code === null ? [] : [code]), ...(card ? [`card ${card.number}`] : []), ...fingers]
      : [],
  );

describe.each(SCREENED)('%s', (_id, language) => {
  it('is keyed from whatever it holds to whatever it shall hold, as one of its administrators', () => {
    fc.assert(
      fc.property(heldBy(language), heldBy(language), (now, wanted) => {
        const memory = { ...factoryMemory(language), slots: now };
        const { steps, problems } = compileScript(language, memory, targetOf(wanted), () => '');
        expect(problems.filter(({ problem }) => problem !== 'closed')).toEqual([]);
        if (problems.length > 0) {
          // Only where nothing of those who administer opens this menu.
          const known = Object.values(now).filter(({ administers }) => administers);
          expect(known.length).toBeGreaterThan(0);
          expect(takesFingers(language)).toBe(false);
          return;
        }
        let keypad = switchOn(memory);
        for (const step of steps) {
          let reply: ReplyId = 'key';
          for (const stroke of step.strokes) ({ keypad, reply } = press(language, keypad, stroke, 0));
          expect(cardAsReadBy(reply, step.reply, screenOf(language, keypad), step.screen)).toBe('so');
        }
        expect(keypad.mode).toBe(AT_DOOR);
        const left = compareMemory(language, keypad.memory, targetOf(wanted));
        expect(left.filter(({ state }) => state !== 'same')).toEqual([]);
      }),
      { numRuns: numberTried(150) },
    );
  });

  it('never has a sheet believe what it does not hold, whatever stroke is left out, doubled or not made in time', () => {
    const slip = fc.record({ at: fc.nat(160), how: fc.constantFrom('left-out', 'doubled', 'silence') });
    fc.assert(
      fc.property(heldBy(language), heldBy(language), slip, (now, wanted, { at, how }) => {
        const start = { ...factoryMemory(language), slots: now };
        const target = targetOf(wanted);
        let sheet = beginSheet(language, start, target, () => '');
        // Where nobody can open the menu to begin with, nothing is keyed.
        if (sheet.problems.length > 0) return;
        let keypad = switchOn(start);
        let strokes = 0;
        let time = 1000;
        for (let turns = 0; turns < 120 && !isDone(sheet); turns += 1) {
          const line = sheet.lines[sheet.at]!;
          let reply: ReplyId = 'key';
          for (const stroke of line.strokes) {
            const here = strokes++ === at ? how : null;
            if (here === 'left-out') continue;
            if (here === 'silence') {
              time += language.timeoutMs + 1;
              keypad = passTime(language, keypad, time)?.keypad ?? keypad;
              reply = 'timed-out';
              break;
            }
            for (let times = here === 'doubled' ? 2 : 1; times > 0; times -= 1)
              ({ keypad, reply } = press(language, keypad, stroke, (time += 200)));
          }
          const what = cardAsReadBy(reply, line.reply, screenOf(language, keypad), line.screen);
          if (what !== 'so') {
            time += language.timeoutMs + 1 + language.lockout.ms;
            keypad = passTime(language, keypad, time)?.keypad ?? keypad;
          }
          sheet = seen(language, sheet, what, target, () => '');
        }
        if (sheet.problems.length > 0) {
          // It is closed indeed, by somebody who was stored with a code that nobody meant.
          const inside = openersOf(keypad.memory.slots);
          expect(inside.length).toBeGreaterThan(0);
          const meant = [...openersOf(now), ...openersOf(wanted)];
          expect(inside.filter((one) => meant.includes(one))).toEqual([]);
          return;
        }
        expect(isDone(sheet)).toBe(true);
        const known = targetOf(sheet.known.slots);
        const wrong = compareMemory(language, keypad.memory, known).filter(
          ({ state, wanted: believed }) => state !== 'same' && !believed?.unknown,
        );
        expect(wrong).toEqual([]);
      }),
      { numRuns: numberTried(200) },
    );
  });

  it('says that it is closed where nobody known can open its menu', () => {
    const memory = {
      ...factoryMemory(language),
      slots: { 1: { code: null, card: null, unknown: 'all' as const, administers: true as const } },
    };
    const script = compileScript(language, memory, targetOf({}), () => '');
    expect([script.steps, script.problems.map(({ problem }) => problem)]).toEqual([[], ['closed']]);
  });
});

describe('a menu that stays shut at the door', () => {
  const wanted = targetOf({ 1: { code: '4711', card: null } });
  it('is tried three times, and then said to be closed: a reset is the only way in', () => {
    let sheet = beginSheet(fingers, factoryMemory(fingers), wanted, () => '');
    for (let tries = 0; tries < 3; tries += 1) {
      expect(sheet.lines[sheet.at]?.purpose).toBe('enter');
      sheet = seen(fingers, sheet, 'something-else', wanted, () => '');
    }
    expect([sheet.lines, sheet.problems.map(({ problem }) => problem)]).toEqual([[], ['closed']]);
    // A slip is forgotten once the menu has opened.
    sheet = beginSheet(fingers, factoryMemory(fingers), wanted, () => '');
    sheet = seen(fingers, sheet, 'something-else', wanted, () => '');
    sheet = seen(fingers, sheet, 'so', wanted, () => '');
    expect(sheet.shut).toBe(0);
  });
  it('is tried both ways in turn where nobody knows whether somebody was stored who administers', () => {
    const admin = targetOf({ 1: { ...FIRST, fingers: ['P1/1'] } });
    let sheet = beginSheet(fingers, factoryMemory(fingers), admin, () => '');
    const line = () => sheet.lines[sheet.at]!;
    while (line().purpose !== 'new-user') sheet = seen(fingers, sheet, 'so', admin, () => '');
    sheet = seen(fingers, sheet, 'dropped-out', admin, () => '');
    const ways: number[] = [];
    while (sheet.lines.length > 0) {
      ways.push(line().strokes.length);
      sheet = seen(fingers, sheet, 'refused', admin, () => '');
    }
    // As the administrator that may be there, by number and password, then by finger; and as anybody in between.
    expect(ways).toEqual([11, 1, 2, 1, 11, 1]);
    expect(sheet.problems.map(({ problem }) => problem)).toEqual(['closed']);
  });
});

describe('any terminal within the schema', () => {
  it('is taken in, and comes back as it was', () => {
    fc.assert(
      fc.property(aScreenLeaflet, (leaflet) => {
        const json = JSON.parse(JSON.stringify(leaflet)) as unknown;
        expect(languageSchema.safeParse(json).error?.issues).toBeUndefined();
        const language = fromLeaflet(leaflet);
        expect(languageProblems(language)).toEqual([]);
        expect(toLeaflet(language, leaflet.id, leaflet.name)).toEqual(leaflet);
      }),
      { numRuns: numberTried(200) },
    );
  });
  it('is keyed from whatever it holds to whatever it shall hold, or says what it cannot', () => {
    const drawn = aScreenLeaflet.chain((leaflet) => {
      const language = fromLeaflet(leaflet);
      return fc.tuple(fc.constant(language), heldBy(language), heldBy(language));
    });
    fc.assert(
      fc.property(drawn, ([language, now, wanted]) => {
        const memory = { ...factoryMemory(language), slots: now };
        const { steps, problems } = compileScript(language, memory, targetOf(wanted), () => '');
        const closed = problems.some(({ problem }) => problem === 'closed');
        let keypad = switchOn(memory);
        for (const step of steps) {
          let reply: ReplyId = 'key';
          for (const stroke of step.strokes) ({ keypad, reply } = press(language, keypad, stroke, 0));
          expect(cardAsReadBy(reply, step.reply, screenOf(language, keypad), step.screen)).toBe('so');
        }
        expect(keypad.mode).toBe(AT_DOOR);
        const left = compareMemory(language, keypad.memory, targetOf(wanted)).filter(
          ({ state }) => state !== 'same',
        );
        if (closed) return expect(steps).toEqual([]);
        // A second finger needs a function of its own.
        const stuck = problems.flatMap(({ slot }) => slot ?? []);
        expect(left.filter(({ slot }) => !stuck.includes(slot))).toEqual([]);
        for (const slot of stuck) {
          expect(wanted[slot]?.fingers).toHaveLength(2);
          expect(can(language, 'add-finger')).toBe(false);
        }
      }),
      { numRuns: numberTried(300) },
    );
  });
});

describe('the way through a menu', () => {
  it('is walked once: what is done at one line of it comes together', () => {
    const now = { 1: FIRST, 2: { code: '1111', card: null }, 3: { code: '2222', card: null } };
    const wanted = {
      1: FIRST,
      2: { code: '1112', card: null },
      4: { code: '3333', card: null },
      5: { code: '4444', card: null },
    };
    const { steps } = compileScript(
      fingers,
      { ...factoryMemory(fingers), slots: now },
      targetOf(wanted),
      () => '',
    );
    expect(steps.map(({ purpose, strokes }) => `${purpose} ${strokes.length}`)).toEqual([
      'enter 11',
      'choose 3',
      'set-code 15',
      'choose 3',
      'new-user 19',
      'choose 1',
      'new-user 19',
      'choose 2',
      'clear-slot 6',
      'leave 2',
    ]);
  });
  it('asks for a name only where the screen does, and keys it in letters', () => {
    const odd: SlotContent = { code: '4711', card: null, name: 'ODD', administers: true };
    const script = (language: KeypadLanguage) =>
      compileScript(language, factoryMemory(language), targetOf({ 1: odd }), () => '').steps.find(
        ({ purpose }) => purpose === 'new-user',
      )!;
    const keys = (language: KeypadLanguage) =>
      script(language)
        .strokes.map((one) => ('key' in one ? one.key : '?'))
        .join(' ');
    expect(keys(fingers)).toBe('0 0 0 1 OK OK ▼ OK OK OK 4 7 1 1 OK 4 7 1 1 OK');
    expect(keys(named)).toBe('0 0 0 1 OK 6 6 6 3 ▼ 3 OK ▼ OK 4 7 1 1 OK OK');
    expect(script(named).screen).toMatchObject({
      on: 'list',
      done: { slot: '0001', name: 'ODD', administers: true, code: true, card: false, fingers: 0 },
    });
  });
});
