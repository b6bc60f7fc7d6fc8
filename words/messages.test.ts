import { afterEach, describe, expect, it, vi } from 'vitest';
import { CLOSING, OPENING, pseudo } from './pseudo';

const english = {
  wires: 'Wires',
  lengthOf: (wire: string, metres: number) =>
    `Length of ${wire}: ${metres === 1 ? 'one metre' : `${metres} metres`}`,
};

/** The catalogue as a process sees it that was asked for a language. */
async function inLocale(locale: string | undefined) {
  vi.resetModules();
  if (locale === undefined) delete process.env['ALDABA_LOCALE'];
  else process.env['ALDABA_LOCALE'] = locale;
  return import('./messages');
}
afterEach(() => {
  delete process.env['ALDABA_LOCALE'];
  // Whoever comes after in this process sees the catalogue as it is.
  vi.resetModules();
});

describe('the texts of a place', () => {
  it('are the English ones where no language is asked for, or one that is not there', async () => {
    for (const locale of [undefined, 'en', 'xx']) {
      const { messages, spoken, texts } = await inLocale(locale);
      expect(messages(english)).toBe(english);
      expect(texts(english)).toBe(english);
      expect(spoken(english.lengthOf)).toBe(english.lengthOf);
    }
  });
  it('are marked, accented and longer in the language that is none; what is filled in stays', async () => {
    const { messages } = await inLocale('en-XA');
    const say = messages(english);
    expect(say.wires).toMatch(/^⟦Ŵîŕéš~+⟧$/);
    expect(say.lengthOf('Main wire', 1)).toMatch(/^⟦Ļéñĝţĥ öƒ Main wire: öñé ɱéţŕé[~ ]+⟧$/);
    expect(say.lengthOf('W01', 12)).toContain(': 12 ɱéţŕéš');
  });
  it('are turned once where one maker uses another, and however deep they lie in a table', async () => {
    const { spoken, texts } = await inLocale('en-XA');
    const inner = spoken((n: number) => `${n} doors`);
    const outer = spoken((n: number) => `All ${inner(n)}`);
    expect([...outer(3)].filter((letter) => letter === OPENING)).toHaveLength(1);
    expect(inner(3)).toMatch(/^⟦3 ðööŕš~+⟧$/);
    expect(texts({ a: { label: 'Wire', of: [(n: number) => `${n} of it`], at: 4 } }).a.of[0]!(2)).toContain(
      '2 öƒ îţ',
    );
  });
});

describe('the language that is none', () => {
  it('leaves figures and blanks, and keeps the space around a text', () => {
    for (const text of ['', ' ', '12.4', '· 3']) expect(pseudo(text)).toBe(text);
    expect(pseudo(' of ')).toMatch(/^ ⟦öƒ~+⟧ $/);
  });
  it('makes a text a third longer at least, and lets a long one be broken', () => {
    const long = 'Nothing is known about it, least of all that it is sound.';
    const turned = pseudo(long);
    expect(turned.length).toBeGreaterThan(long.length * 1.3);
    expect(turned).not.toMatch(/~{8}/);
    expect([turned.startsWith(OPENING), turned.endsWith(CLOSING)]).toEqual([true, true]);
  });
});
