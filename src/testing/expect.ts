import { expect as plain } from 'vitest';
import { isChecked, Locator, until } from './locator';

type Text = string | RegExp;

const spaced = (text: string | null | undefined) => (text ?? '').replace(/\s+/g, ' ').trim();
const holds = (text: string, what: Text) =>
  typeof what === 'string' ? text.includes(spaced(what)) : what.test(text);
const is = (text: string, what: Text) => (typeof what === 'string' ? text === what : what.test(text));
const equals = (text: string, what: Text) =>
  typeof what === 'string' ? text === spaced(what) : what.test(text);

/** Shown as far as a document without a screen can say: attached, and nothing above it is taken out of sight. */
const isShown = (element: Element): boolean =>
  element.isConnected &&
  element.closest('[hidden], [inert]') === null &&
  getComputedStyle(element).display !== 'none';

/** What can be said of elements, each a question that is asked until it is so. */
function claims(locator: Locator, isNot: boolean) {
  const settle = async (
    what: string,
    is: (all: HTMLElement[]) => boolean,
    saw: (all: HTMLElement[]) => unknown,
  ) => {
    const claim = `${locator.selector} ${isNot ? 'not ' : ''}${what}`;
    try {
      await until(claim, () => (is(locator.found()) !== isNot ? true : null));
    } catch {
      throw new Error(`${claim}; found ${JSON.stringify(saw(locator.found()))}`);
    }
  };
  const texts = (all: HTMLElement[]) => all.map(({ textContent }) => spaced(textContent).slice(0, 300));
  const one = (what: string, is: (element: HTMLElement) => boolean) =>
    settle(what, (all) => all.length === 1 && is(all[0]!), texts);
  return {
    toBeVisible: () => one('is shown', isShown),
    toBeAttached: () => settle('is there', (all) => all.length > 0, texts),
    toBeHidden: () => settle('is hidden', (all) => !all.some(isShown), texts),
    toHaveCount: (count: number) => settle(`is there ${count} times`, (all) => all.length === count, texts),
    toHaveText: (text: Text | readonly Text[]) =>
      Array.isArray(text)
        ? settle(
            `reads ${String(text)}`,
            (all) =>
              all.length === text.length &&
              all.every((el, at) => equals(spaced(el.textContent), (text as Text[])[at]!)),
            texts,
          )
        : one(`reads ${String(text)}`, (el) => equals(spaced(el.textContent), text as Text)),
    toContainText: (text: Text | readonly Text[]) =>
      Array.isArray(text)
        ? settle(
            `contains ${String(text)}`,
            (all) => (text as Text[]).every((part, at) => holds(spaced(all[at]?.textContent), part)),
            texts,
          )
        : one(`contains ${String(text)}`, (el) => holds(spaced(el.textContent), text as Text)),
    toHaveValue: (value: Text) =>
      settle(
        `has value ${String(value)}`,
        (all) => all.length === 1 && is((all[0] as HTMLInputElement).value, value),
        (all) => all.map((el) => (el as HTMLInputElement).value),
      ),
    toHaveAttribute: (name: string, value: Text = /^/) =>
      settle(
        `has ${name} ${String(value)}`,
        (all) => all.length === 1 && all[0]!.hasAttribute(name) && equals(all[0]!.getAttribute(name)!, value),
        (all) => all.map((el) => el.getAttribute(name)),
      ),
    toBeChecked: () => one('is checked', isChecked),
    toBeDisabled: () => one('is disabled', (el) => el.matches(':disabled, [aria-disabled=true]')),
    toBeEnabled: () => one('is enabled', (el) => !el.matches(':disabled, [aria-disabled=true]')),
    toBeFocused: () => one('has the focus', (el) => el === document.activeElement),
  };
}

/** What can be said of the page. */
function pageClaims() {
  const settle = (what: string, saw: () => string, is: (text: string) => boolean) =>
    until(what, () => (is(saw()) ? true : null)).catch(() => {
      throw new Error(`${what}; found ${saw()}`);
    });
  return {
    toHaveTitle: (title: Text) =>
      settle(
        `title ${String(title)}`,
        () => document.title,
        (t) => equals(t, title),
      ),
    toHaveURL: (address: Text) =>
      settle(
        `address ${String(address)}`,
        () => location.href,
        (t) => equals(t, address),
      ),
  };
}

type Claims = ReturnType<typeof claims>;
type PageClaims = ReturnType<typeof pageClaims>;
/** A page, as far as it can be told from everything else. */
interface APage {
  readonly isPage: true;
}
interface Expect {
  (what: APage): PageClaims;
  (what: Locator, ...rest: unknown[]): Claims & { readonly not: Claims };
  <T>(what: T, message?: string): ReturnType<typeof plain<T>>;
  readonly poll: typeof plain.poll;
}

/** `expect` of browser tests over a document without a screen; of everything else it is the plain one. */
export const expect: Expect = Object.assign(
  (what: unknown, ...rest: [string?]) => {
    if (typeof what === 'object' && what !== null && 'isPage' in what) return pageClaims();
    if (what instanceof Locator) return { ...claims(what, false), not: claims(what, true) };
    return plain(what, ...rest);
  },
  { poll: plain.poll },
) as unknown as Expect;
