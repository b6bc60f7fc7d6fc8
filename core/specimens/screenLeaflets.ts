import fc from 'fast-check';
import type { Leaflet } from '../plan/index';
import { REPLIES } from './leaflets';

/** Terminals with a screen, drawn within the schema: other keys, lists in lists, fields in other orders, passed over or not. */

type Mode = Leaflet['modes'][number];
type Command = Mode['commands'][number];

const KEYS = [
  { up: 'UP', down: 'DN', ok: 'ENT', back: 'ESC', menu: 'M' },
  { up: '▲', down: '▼', ok: 'OK', back: '←', menu: '#' },
  { up: '2', down: '8', ok: '#', back: '*', menu: 'M' },
];

const list = (id: string, from: string, commands: readonly Command[]): Mode => ({
  id,
  title: id.toUpperCase(),
  from,
  enter: '',
  as: [],
  leave: '',
  commands,
});

/** Strings of fields, each ended by a key. */
const form = (ok: string, fields: readonly string[]) => fields.map((field) => `${field} ${ok}`).join(' ');

export const aScreenLeaflet: fc.Arbitrary<Leaflet> = fc
  .record({
    // Digits that move a mark cannot be keyed into a field as well, so the third set has no role to choose and no name.
    keys: fc.constantFrom(0, 1, 2),
    digits: fc.constantFrom(2, 3),
    first: fc.constantFrom(0, 1),
    code: fc.integer({ min: 4, max: 6 }),
    byNumber: fc.boolean(),
    takes: fc.subarray(['code', 'card', 'finger'] as const, { minLength: 1 }),
    times: fc.constantFrom(1, 3),
    named: fc.constantFrom('', '{name}', '{name?}'),
    roles: fc.boolean(),
    order: fc.shuffledSubarray([0, 1, 2, 3, 4], { minLength: 5 }),
    edits: fc.boolean(),
    places: fc.array(fc.nat(3), { minLength: 9, maxLength: 9 }),
    sure: fc.boolean(),
    ways: fc.shuffledSubarray(['code', 'card', 'finger'] as const, { minLength: 3 }),
  })
  .map((drawn): Leaflet => {
    const { menu, ...screen } = KEYS[drawn.keys]!;
    const { ok } = screen;
    const plain = drawn.keys === 2;
    const has = (what: 'code' | 'card' | 'finger') => drawn.takes.includes(what);
    const roles = drawn.roles && !plain;
    const named = plain ? '' : drawn.named;
    const laid = drawn.times === 1 ? 'finger' : `finger:${drawn.times}`;
    const asked = [
      has('code') ? ['{code?}', '{again?}'] : [],
      has('card') ? ['{card?}'] : [],
      has('finger') ? [`{${laid}?}`] : [],
      named === '' ? [] : [named],
      roles ? ['{role}'] : [],
    ];
    const fields = drawn.order.flatMap((at) => asked[at] ?? []);
    const command = (does: Command['does'], strokes: string): Command => ({ does, title: does, strokes });
    const commands: Command[] = [
      command('new-user', form(ok, ['{slot}', ...fields])),
      command('clear-slot', `{slot} ${ok}${drawn.sure ? ` ${ok}` : ''}`),
      command('set-time', `{seconds:2} ${ok}`),
      ...(drawn.edits
        ? [
            ...(has('code') ? [command('set-code', form(ok, ['{slot}', '{code}', '{again}']))] : []),
            ...(has('card') ? [command('set-card', `{slot} ${ok} {card}`)] : []),
            ...(has('finger') ? [command('add-finger', form(ok, ['{slot}', `{${laid}}`]))] : []),
            ...(roles ? [command('set-role', form(ok, ['{slot}', '{role}']))] : []),
          ]
        : []),
    ];
    const at = (place: number) => commands.filter((_, index) => drawn.places[index] === place);
    const entry = drawn.byNumber ? `{slot} ${ok} {code} ${ok}` : `{code} ${ok}`;
    const ways = { code: `${menu} ${entry}`, card: `${menu} {card}`, finger: `${menu} {finger}` };
    const top = {
      ...list('top', 'door', at(0)),
      enter: menu,
      as: roles ? drawn.ways.map((way) => ways[way]) : [],
    };
    // Lists that would have no line are left out, and with them what is below.
    const inner = list('inner', 'middle', at(2));
    const middle = list('middle', 'top', at(1));
    const other = list('other', 'top', at(3));
    const lists = [
      ...(middle.commands.length + inner.commands.length > 0 ? [middle] : []),
      ...(inner.commands.length > 0 ? [inner] : []),
      ...(other.commands.length > 0 ? [other] : []),
    ];
    const last = 10 ** drawn.digits - 1;
    const digits = [['1', '2', '3'], ['4', '5', '6'], ['7', '8', '9'], ['0']];
    const others = [...new Set([screen.up, screen.down, ok, screen.back, menu])].filter(
      (key) => !/^\d$/.test(key),
    );
    return {
      id: 'own-screen',
      version: 1,
      name: 'Drawn screen',
      keys: [...digits, others],
      screen: { ...screen, rows: 3 },
      factoryCode: '',
      timeoutMs: 20_000,
      timeoutLoses: 'line',
      programming: { least: 1, most: 1 },
      code: { least: drawn.code, most: drawn.code },
      rules: [],
      reserved: [],
      slots: { first: drawn.first, last, digits: drawn.digits },
      capacity: last,
      lockout: { tries: 5, ms: 30_000 },
      entry,
      modes: [top, ...lists],
      resets: [],
      replies: REPLIES,
      examples: [],
    };
  });
