import { describe, expect, it } from 'vitest';
import { typeChanges, type DeviceType } from './index';
import { LIBRARY } from './library/index';

const good = LIBRARY.find(({ id }) => id === 'exit-touchless') as DeviceType;
const board = good.parts.find(({ kind }) => kind === 'electronic')!;

describe('typeChanges', () => {
  it('finds none between a type and itself, for every type of the library', () => {
    for (const type of LIBRARY) expect(typeChanges(type, structuredClone(type))).toEqual([]);
  });
  it('names what is new, what is gone and what is called differently', () => {
    const after = {
      ...good,
      name: 'Another',
      terminals: [...good.terminals.slice(1), { ...good.terminals[0]!, id: 'V2' }],
    };
    expect(typeChanges(good, after)).toEqual([
      { kind: 'name', name: 'Another' },
      { kind: 'added', what: 'terminal', id: 'V2' },
      { kind: 'removed', what: 'terminal', id: good.terminals[0]!.id },
    ]);
  });
  it('gives the fields of a part that differ, with both values', () => {
    const after = { ...good, parts: good.parts.map((one) => (one === board ? { ...one, draw: 0.08 } : one)) };
    expect(typeChanges(good, after)).toEqual([
      {
        kind: 'changed',
        what: 'part',
        id: board.id,
        fields: [{ field: 'draw', before: JSON.stringify((board as { draw: number }).draw), after: '0.08' }],
      },
    ]);
  });
  it('says that a field came or went', () => {
    const after = {
      ...good,
      parts: good.parts.map((one) => (one === board ? { ...one, when: { setting: 'x', is: ['y'] } } : one)),
    };
    expect(typeChanges(good, after)[0]).toMatchObject({ fields: [{ field: 'when', before: null }] });
    expect(typeChanges(after, good)[0]).toMatchObject({ fields: [{ field: 'when', after: null }] });
  });
  it('tells what it does and jobs of terminals apart', () => {
    expect(typeChanges(good, { ...good, functions: [] })).toEqual([{ kind: 'functions' }]);
    expect(typeChanges(good, { ...good, roles: {} })).toEqual([{ kind: 'roles' }]);
  });
});
