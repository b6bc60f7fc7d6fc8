import { describe, expect, it } from 'vitest';
import { FAMILIES, SYMBOLS, typeProblems, type DeviceType } from './index';
import { LIBRARY } from './library/index';

describe('LIBRARY', () => {
  it('covers every family with more than a hundred and thirty types, each with an id of its own', () => {
    expect(LIBRARY.length).toBeGreaterThanOrEqual(130);
    expect(new Set(LIBRARY.map((t) => t.id)).size).toBe(LIBRARY.length);
    expect(new Set(LIBRARY.map((t) => t.family))).toEqual(new Set(FAMILIES));
  });
  it.each(LIBRARY.map((t) => [t.id, t] as const))('%s is whole', (_, type) => {
    expect(typeProblems(type)).toEqual([]);
    expect(type.description).toMatch(/^[A-Z].*\.$/);
    expect(type.ip).toMatch(/^IP\d\d$/);
    expect(SYMBOLS[type.symbol]).toBeDefined();
  });
});

describe('typeProblems', () => {
  const good = LIBRARY.find((type) => type.id === 'exit-touchless') as DeviceType;
  const codes = (type: DeviceType) => typeProblems(type).map(({ code }) => code);
  it.each<[string, Partial<DeviceType>, string]>([
    ['no terminals', { terminals: [], parts: [], roles: {}, functions: [] }, 'no-terminals'],
    [
      'a terminal with a dot',
      { terminals: [...good.terminals, { ...good.terminals[0]!, id: 'a.b' }] },
      'bad-terminal-id',
    ],
    ['a terminal twice', { terminals: [...good.terminals, good.terminals[0]!] }, 'twice'],
    [
      'a part at a terminal that is not there',
      { parts: [{ ...good.parts[0]!, a: 'Z' }] },
      'unknown-terminal',
    ],
    ['a part with both ends on one terminal', { parts: [{ ...good.parts[0]!, b: 'V+' }] }, 'same-ends'],
    ['a behaviour without its board', { parts: good.parts.slice(1) }, 'unknown-part'],
    [
      'a role at a terminal that is not there',
      { roles: { lock: { plus: 'Z', minus: 'V-' } } },
      'unknown-terminal',
    ],
    [
      'limits the wrong way round',
      { parts: [{ ...good.parts[0]!, minVolts: 30 } as never, ...good.parts.slice(1)] },
      'limits-crossed',
    ],
    ['a contact that nothing works', { functions: [] }, 'unknown-state'],
    [
      'a value missing for a position of a jumper',
      {
        settings: [
          {
            id: 'v',
            label: '',
            kind: 'choice',
            initial: '12',
            options: [
              { value: '12', label: '' },
              { value: '24', label: '' },
            ],
          },
        ],
        parts: [
          ...good.parts,
          { kind: 'resistor', id: 'r', a: 'V+', b: 'V-', ohms: { setting: 'v', values: { '12': 1 } } },
        ],
      },
      'value-missing',
    ],
  ])('names %s', (_, over, code) => expect(codes({ ...good, ...over })).toContain(code));
});
