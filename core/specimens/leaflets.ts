import fc from 'fast-check';
import type { Leaflet } from '../plan/index';

/** Leaflets as they might come with any keypad: drawn within the schema, each with other keys, lengths, orders and separators. */

const PHONE = [
  ['1', '2', '3'],
  ['4', '5', '6'],
  ['7', '8', '9'],
  ['*', '0', '#'],
];
const NAMED = [
  ['1', '2', '3', 'A'],
  ['4', '5', '6', 'B'],
  ['7', '8', '9', 'C'],
  ['ESC', '0', 'ENT', 'D'],
];

const SHORT = { beeps: 1, long: false, light: 'green' } as const;
export const REPLIES: Leaflet['replies'] = {
  opened: { ...SHORT, long: true },
  refused: { beeps: 3, long: false, light: 'red' },
  programming: { beeps: 2, long: false, light: 'amber' },
  stored: SHORT,
  left: { beeps: 1, long: true, light: 'off' },
  'timed-out': { beeps: 2, long: true, light: 'off' },
  'locked-out': { beeps: 5, long: false, light: 'red' },
  key: { beeps: 0, long: false, light: 'off' },
};

/** A leaflet of a keypad with slots: functions are begun by digits of their own, so that none is taken for another. */
export const aLeaflet: fc.Arbitrary<Leaflet> = fc
  .record({
    named: fc.boolean(),
    digits: fc.integer({ min: 1, max: 3 }),
    first: fc.constantFrom(0, 1),
    code: fc.integer({ min: 3, max: 6 }),
    longer: fc.integer({ min: 0, max: 2 }),
    programming: fc.integer({ min: 4, max: 8 }),
    twice: fc.boolean(),
    again: fc.boolean(),
    clears: fc.boolean(),
    cards: fc.boolean(),
    sameLength: fc.boolean(),
    padded: fc.boolean(),
    functions: fc.shuffledSubarray(['1', '2', '3', '4', '5', '6', '7', '8', '9'], { minLength: 6 }),
    loses: fc.constantFrom('line' as const, 'session' as const),
  })
  .map((drawn): Leaflet => {
    const [star, hash] = drawn.named ? (['ESC', 'ENT'] as const) : (['*', '#'] as const);
    const { digits, first, code, padded } = drawn;
    const programming = drawn.sameLength ? code : drawn.programming;
    const most = drawn.sameLength ? code : code + drawn.longer;
    const [setCode, setCard, clear, time, master, door] = drawn.functions;
    const again = drawn.again ? ` {again} ${hash}` : '';
    const command = (does: Leaflet['modes'][number]['commands'][number]['does'], strokes: string) => ({
      does,
      strokes,
    });
    const last = Math.min(30, 10 ** digits - 1);
    return {
      id: 'own-drawn',
      version: 1,
      name: 'Drawn',
      keys: drawn.named ? NAMED : PHONE,
      screen: null,
      factoryCode: '86420975'.slice(0, programming),
      timeoutMs: 10_000,
      timeoutLoses: drawn.loses,
      programming: { least: programming, most: programming },
      code: { least: code, most },
      rules: [
        ...(drawn.sameLength ? (['same-length'] as const) : []),
        ...(padded ? (['no-leading-zero'] as const) : []),
      ],
      reserved: [],
      slots: { first, last, digits },
      capacity: last - first + 1,
      lockout: { tries: 5, ms: 30_000 },
      entry: `{code} ${hash}`,
      modes: [
        {
          id: 'programming',
          title: '',
          from: 'door',
          as: [],
          enter: `${star} ${door} {programming} ${hash}${drawn.twice ? ` {again} ${hash}` : ''}`,
          leave: `${star} ${hash}`,
          commands: [
            command(
              'set-code',
              `${setCode} {slot} ${hash} ${padded ? `{code:0${most}}` : '{code}'} ${hash}${again}`,
            ),
            ...(drawn.cards ? [command('set-card', `${setCard} {slot} {card}`)] : []),
            ...(drawn.clears ? [command('clear-slot', `${clear} {slot} ${hash}`)] : []),
            command('set-time', `${time} {seconds:2} ${hash}`),
            command('programming-code', `${master} {programming} ${hash} {again} ${hash}`),
          ],
        },
      ],
      resets: [],
      replies: REPLIES,
      examples: [],
    };
  });
