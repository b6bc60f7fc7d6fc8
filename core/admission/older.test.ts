import { describe, expect, it } from 'vitest';
import { blankCard, blankPerson, type Edit } from '../plan/index';
import { mustApply, strikeDoor } from '../specimens/doors';
import { LANGUAGES, toLeaflet } from '../keypads/index';
import { admit, backToday, editToday, renewed } from './index';

const old = { facility: 71, number: 2001 };
const { cards: _cards, ...before } = blankPerson('P1', 'Ines');

describe('what was written before a person could have several cards', () => {
  it('is let in as it is meant today, whole or in a patch', () => {
    const added = admit(strikeDoor(), { kind: 'addPerson', person: { ...before, card: old } });
    expect(added).toMatchObject({ ok: true, plan: { people: { P1: { cards: [blankCard(71, 2001)] } } } });
    const plan = mustApply(strikeDoor(), { kind: 'addPerson', person: blankPerson('P1', 'Ines') });
    const given = admit(plan, { kind: 'setPerson', id: 'P1', patch: { card: old } });
    expect(given).toMatchObject({ ok: true, edit: { patch: { cards: [blankCard(71, 2001)] } } });
    const none = admit(plan, { kind: 'setPerson', id: 'P1', patch: { card: null } });
    expect(none).toMatchObject({ ok: true, edit: { patch: { cards: [] } } });
  });
  it('is refused where it makes no sense, then as today', () => {
    const plan = mustApply(strikeDoor(), { kind: 'addPerson', person: blankPerson('P1', 'Ines') });
    for (const card of [7, 'x', { facility: 71 }])
      expect(admit(plan, { kind: 'setPerson', id: 'P1', patch: { card } })).toMatchObject({ ok: false });
    // Both at once is said by name.
    expect(admit(plan, { kind: 'setPerson', id: 'P1', patch: { card: old, cards: [] } })).toMatchObject({
      ok: false,
    });
    expect(renewed('doors', { card: old })).toEqual({ card: old });
    expect(renewed('people', null)).toBeNull();
  });
  it('is taken back from the log as today', () => {
    const set = { kind: 'setPerson', id: 'P1', patch: { card: old, code: '4711' } } as unknown as Edit;
    expect(editToday(set)).toEqual({
      kind: 'setPerson',
      id: 'P1',
      patch: { cards: [blankCard(71, 2001)], code: '4711' },
    });
    const person = { ...before, card: old };
    const back = {
      inverse: { kind: 'batch', label: '', edits: [{ kind: 'addPerson', person }, set] },
      left: [{ collection: 'people', id: 'P1', before: null, after: person }],
    } as unknown as Parameters<typeof backToday>[0];
    const today = backToday(back);
    expect(today.inverse).toMatchObject({ edits: [{ person: { cards: [blankCard(71, 2001)] } }, {}] });
    expect(today.left[0]?.after).toMatchObject({ cards: [blankCard(71, 2001)] });
  });
});

describe('what was written before a language could have a screen', () => {
  const { screen: _screen, modes, ...rest } = toLeaflet(LANGUAGES[0]!, 'own', 'Own');
  const flat = modes.map(({ title: _title, as: _as, ...mode }) => mode);
  it('is read as one that has none, whole or in a patch', () => {
    const added = admit(strikeDoor(), { kind: 'addLanguage', language: { ...rest, modes: flat } });
    expect(added).toMatchObject({ ok: true, plan: { languages: { own: { screen: null, modes } } } });
    const set = { kind: 'setLanguage', id: 'own', patch: { modes: flat } } as unknown as Edit;
    expect(editToday(set)).toEqual({ kind: 'setLanguage', id: 'own', patch: { modes } });
    const add = { kind: 'addLanguage', language: { ...rest, modes: flat } } as unknown as Edit;
    expect(editToday(add)).toMatchObject({ language: { screen: null, modes } });
  });
  it('stays as it is where today’s schema refuses it', () => {
    const odd = { kind: 'setLanguage', id: 'own', patch: { modes: 7 } } as unknown as Edit;
    expect(editToday(odd)).toEqual(odd);
  });
});
