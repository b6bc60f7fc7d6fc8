import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { SlotContent } from '../plan/index';
import { languageSchema } from '../plan/schemas/language';
import { aScreenLeaflet } from '../specimens/screenLeaflets';
import { heldBy, openersOf, targetOf } from '../specimens/terminalMemories';
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
  takesFingers,
  type KeypadLanguage,
  type ReplyId,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const fingers = findLanguage('screen-fingers')!;
const named = findLanguage('screen-names')!;
const SCREENED = LANGUAGES.filter(({ screen }) => screen !== null).map((one) => [one.id, one] as const);
const FIRST: SlotContent = { code: '4711', card: null, fingers: ['1'], administers: true };

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
