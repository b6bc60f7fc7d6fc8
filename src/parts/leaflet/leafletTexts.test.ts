import { describe, expect, it } from 'vitest';
import { LANGUAGES, toLeaflet } from '#core/keypads/index';
import * as texts from './leafletTexts';

describe('a leaflet as it is typed', () => {
  it.each(LANGUAGES.map((language) => [language.id, toLeaflet(language, 'own', 'Own')] as const))(
    '%s comes back as it was',
    (_id, leaflet) => {
      expect(texts.keysOf(texts.keysText(leaflet.keys))).toEqual(leaflet.keys);
      expect(texts.screenOf(texts.screenText(leaflet.screen))).toEqual(leaflet.screen);
      expect(texts.lengthOf(texts.lengthText(leaflet.code))).toEqual(leaflet.code);
      expect(texts.slotsOf(texts.slotsText(leaflet.slots))).toEqual(leaflet.slots);
      expect(texts.codesOf(texts.codesText(leaflet.reserved))).toEqual(leaflet.reserved);
      for (const { holds } of leaflet.examples)
        expect(texts.holdsOf(texts.holdsText(holds))).toEqual(
          Object.fromEntries(Object.entries(holds).map(([slot, held]) => [slot, held])),
        );
    },
  );
  it('is not guessed at where it makes no sense', () => {
    expect([texts.lengthOf('six'), texts.lengthOf('4-'), texts.lengthOf('')]).toEqual([null, null, null]);
    expect([texts.slotsOf('many'), texts.slotsOf('1-')]).toEqual([undefined, undefined]);
    expect([texts.screenOf('up down ok'), texts.screenOf('u d o b many')]).toEqual([undefined, undefined]);
    expect([texts.slotsOf(''), texts.screenOf(' ')]).toEqual([null, null]);
    expect(texts.holdsOf('three: 4711')).toBeNull();
  });
  it('takes what people type', () => {
    expect(texts.lengthOf(' 4 – 8 ')).toEqual({ least: 4, most: 8 });
    expect(texts.slotsOf('001–999')).toEqual({ first: 1, last: 999, digits: 3 });
    expect(texts.holdsOf('003: 4711;4:card 12 ; 5:')).toEqual({ 3: '4711', 4: 'card 12', 5: '' });
  });
});
