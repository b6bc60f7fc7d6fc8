import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { COLOURS } from '../units/index';
import { identifyByLeads, readLeads, saysTerminals } from './index';
import { LIBRARY } from './library/index';
import { numberTried } from '../../scripts/testSlice';

const found = (text: string): string[] => {
  const inHand = readLeads(text);
  return LIBRARY.filter((type) => identifyByLeads(type, inHand, type.name.toLowerCase())).map(({ id }) => id);
};

describe('what is in hand', () => {
  it('is read from what a person sees', () => {
    expect(readLeads('six leads, two of them grey, one marked T1')).toEqual({
      leads: 6,
      terminals: null,
      colours: new Map([['GY', 2]]),
      marked: ['T1'],
      words: [],
    });
    expect(readLeads('a red lead and a black lead')).toMatchObject({
      leads: null,
      colours: new Map([
        ['RD', 1],
        ['BK', 1],
      ]),
    });
    expect(readLeads('eight screws printed "AUX"')).toMatchObject({ terminals: 8, marked: ['AUX'] });
  });
  it('leaves every other word to the name: voltages, numbers, kinds', () => {
    for (const text of ['strike 24 v', 'rs-485', 'two-door controller', '12 v 5 a']) {
      expect(saysTerminals(readLeads(text))).toBe(false);
      expect(readLeads(text).words.length).toBeGreaterThan(0);
    }
    expect(readLeads('strike 24 v').words).toEqual(['strike', '24', 'v']);
  });
  it('finds the device that has it', () => {
    expect(found('six leads, two of them grey, one marked T1')).toEqual(['door-contact-tamper']);
    expect(found('eight leads, a violet one')).not.toContain('door-contact-tamper');
    expect(found('a reader with an orange lead')).toEqual([]);
    expect(found('marked BELL')).toContain('keypad-gate');
    expect(found('leads')).toEqual(LIBRARY.map(({ id }) => id));
  });
  it('finds any type by its own leads and print', () => {
    const withLeads = LIBRARY.filter(({ terminals }) => terminals.some(({ form }) => form === 'pigtail'));
    fc.assert(
      fc.property(fc.constantFrom(...withLeads), (type) => {
        const leads = type.terminals.filter(({ form }) => form === 'pigtail');
        const colours = leads.flatMap(({ colour }) => (colour ? [`one ${COLOURS[colour].name}`] : []));
        const text = `${leads.length} leads, ${colours.join(', ')}, one marked ${type.terminals[0]!.id}`;
        expect(found(text)).toContain(type.id);
      }),
    );
  });
  it('never stumbles over what is typed', () => {
    fc.assert(
      fc.property(fc.string(), (text) => void found(text)),
      { numRuns: numberTried(60) },
    );
  });
});
