/** What belongs to this browser rather than to a site. */
export type Theme = 'system' | 'light' | 'dark';

const THEME = 'aldaba.theme';
const NAME = 'aldaba.name';

export const storedTheme = (): Theme => {
  const value = localStorage.getItem(THEME);
  return value === 'light' || value === 'dark' ? value : 'system';
};

export function applyTheme(theme: Theme): void {
  if (theme === 'system') localStorage.removeItem(THEME);
  else localStorage.setItem(THEME, theme);
  const dark = theme === 'dark' || (theme === 'system' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.dataset['theme'] = dark ? 'dark' : 'light';
}

/** Name under which edits and readings are kept. */
export const storedName = (): string =>
  typeof localStorage === 'undefined' ? '' : (localStorage.getItem(NAME) ?? '');
const METER = 'aldaba.meter';

/** The meter that readings are taken with, and its serial number. */
export interface Meter {
  readonly meter: string;
  readonly serial: string;
}
export function storedMeter(): Meter {
  const text = typeof localStorage === 'undefined' ? null : localStorage.getItem(METER);
  const [meter = '', serial = ''] = (text ?? '').split('\n');
  return { meter, serial };
}
export const storeMeter = ({ meter, serial }: Meter): void =>
  localStorage.setItem(METER, `${meter}\n${serial}`);
export const storeName = (name: string): void => localStorage.setItem(NAME, name);
