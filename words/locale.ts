/** Languages that texts are there in. `en-XA` is no language: English made longer, with accents, to find what stands outside the catalogue. */
export const LOCALES = ['en', 'en-XA'] as const;
export type Locale = (typeof LOCALES)[number];

const isLocale = (text: string | undefined): text is Locale => LOCALES.some((one) => one === text);

/**
 * The language of this process: a page's own in the browser, what `ALDABA_LOCALE` names on a server; English where neither says
 * one that is known. It does not change while a page is open: texts are taken when their module is loaded.
 */
function localeHere(): Locale {
  const { document, process } = globalThis as {
    document?: { documentElement?: { lang?: string } };
    process?: { env?: Record<string, string | undefined> };
  };
  const asked = document?.documentElement?.lang ?? process?.env?.['ALDABA_LOCALE'];
  return isLocale(asked) ? asked : 'en';
}

export const LOCALE: Locale = localeHere();
