import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typeIn, type Edit, type Leaflet, type Plan } from '../plan/index';
import { deviceTypeSchema } from '../devices/deviceTypeSchema';
import { languageSchema } from '../plan/schemas/language';
import { mustApply, strikeDoor } from '../specimens/doors';
import { aLeaflet } from '../specimens/leaflets';
import { findLanguage } from './index';
import { toLeaflet } from './leaflets';
import { isUsed, keepLanguage, languageChanges, newerLanguage, updateLanguage } from './languageVersions';
import { numberTried } from '../../scripts/testSlice';

const FIRST: Leaflet = toLeaflet(findLanguage('slots-1000')!, 'own-keys', 'Own keys');
/** A keypad of a type of the site's own, programmed in a language of the site's own. */
function site(): Plan {
  const plan = mustApply(strikeDoor(), { kind: 'addLanguage', language: FIRST });
  const type = {
    ...typeIn(plan, plan.devices['D01/K1']!),
    id: 'keypad-own@1',
    version: 1,
    language: FIRST.id,
  };
  return mustApply(
    plan,
    { kind: 'addType', type },
    { kind: 'setDevice', id: 'D01/K1', patch: { type: type.id } },
  );
}
const slower = { ...FIRST, timeoutMs: 30_000 };

describe('versions of a language', () => {
  it('stand beside each other where one is in use, and take each other’s place where none is', () => {
    const alone = mustApply(strikeDoor(), { kind: 'addLanguage', language: FIRST });
    const changed = mustApply(alone, keepLanguage(alone, slower));
    expect(Object.values(changed.languages)).toEqual([{ ...slower, version: 2 }]);
    const used = site();
    const two = mustApply(used, keepLanguage(used, slower));
    expect(two.languages[FIRST.id]).toEqual(FIRST);
    expect(two.languages['own-keys@2']).toEqual({ ...slower, id: 'own-keys@2', version: 2 });
    expect(newerLanguage(two, FIRST)?.id).toBe('own-keys@2');
    // Changed again from the first, it is the third.
    const three = mustApply(two, keepLanguage(two, { ...FIRST, capacity: 7 }));
    expect(newerLanguage(three, FIRST)).toMatchObject({ id: 'own-keys@3', capacity: 7 });
    expect(newerLanguage(three, three.languages['own-keys@3']!)).toBeNull();
  });
  it('are named by a type as long as a language may be called', () => {
    const id = `own-${'x'.repeat(80)}@12`;
    const plan = mustApply(strikeDoor(), { kind: 'addLanguage', language: { ...FIRST, id } });
    const type = { ...typeIn(plan, plan.devices['D01/K1']!), id: 'keypad-own@1', version: 1, language: id };
    expect(deviceTypeSchema.safeParse(JSON.parse(JSON.stringify(type))).error?.issues).toBeUndefined();
    expect(languageSchema.safeParse(JSON.parse(JSON.stringify({ ...FIRST, id }))).success).toBe(true);
  });
  it('are taken up by every type and keypad that had the one before, and given back by undo', () => {
    const before = site();
    const plan = mustApply(before, keepLanguage(before, slower));
    const edit: Edit = updateLanguage(plan, FIRST, plan.languages['own-keys@2']!);
    const now = mustApply(plan, edit);
    expect(now.devices['D01/K1']?.type).toBe('keypad-own@2');
    expect(typeIn(now, now.devices['D01/K1']!)).toMatchObject({ version: 2, language: 'own-keys@2' });
    expect(now.types['keypad-own@1']).toEqual(plan.types['keypad-own@1']);
    expect([isUsed(now, 'own-keys@2'), isUsed(now, 'own-keys@3')]).toEqual([true, false]);
    // Once nothing is left of the old type, its language may go.
    const cleared = mustApply(now, { kind: 'removeType', id: 'keypad-own@1' });
    expect(isUsed(cleared, FIRST.id)).toBe(false);
  });
  it('are told apart line by line, and one from itself not at all', () => {
    const modes = FIRST.modes.map((mode) => ({
      ...mode,
      commands: [
        ...mode.commands
          .slice(1)
          .map((one) => (one.does === 'set-card' ? { ...one, strokes: '5 {slot} {card}' } : one)),
        { does: 'clear-all' as const, strokes: '8 8 8 #' },
      ],
    }));
    expect(languageChanges(FIRST, { ...slower, modes, version: 2 })).toEqual([
      { what: 'timeoutMs', before: '12000', after: '30000' },
      { what: 'programming: set-code', before: '1 {slot} # {code} #', after: null },
      { what: 'programming: set-card', before: '2 {slot} # {card}', after: '5 {slot} {card}' },
      { what: 'programming: clear-all', before: null, after: '8 8 8 #' },
    ]);
    fc.assert(
      fc.property(aLeaflet, (leaflet) => {
        expect(languageChanges(leaflet, { ...leaflet, id: 'other', version: 9 })).toEqual([]);
      }),
      { numRuns: numberTried(50) },
    );
  });
});
