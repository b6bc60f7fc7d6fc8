import userEvent from '@testing-library/user-event';
import {
  getByLabelSelector,
  getByPlaceholderSelector,
  getByRoleSelector,
  getByTextSelector,
  getByTitleSelector,
  Ivya,
} from 'ivya';

type Text = string | RegExp;
interface Exactly {
  readonly exact?: boolean;
}

interface GivenFile {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Uint8Array;
}

/** How long a test waits for what is to come, and how often it looks, ms. */
const WAIT_MS = 30_000;
const LOOK_MS = 15;

/** No pause between two keys, and no question of the styles, of which there are none here. */
export const hands = userEvent.setup({ delay: null, pointerEventsCheck: 0 });

/** Looks again only where something may have changed: asking a whole document by role is dear. Now and then it looks all the same. */
let hasChanged = true;
const ALL_THE_SAME_MS = 250;
/** To be begun once there is a document. */
export function watchDocument(): void {
  const seen = () => (hasChanged = true);
  new MutationObserver(seen).observe(document, {
    subtree: true,
    childList: true,
    attributes: true,
    characterData: true,
  });
  for (const type of ['input', 'change', 'focusin', 'focusout']) document.addEventListener(type, seen, true);
}

/** Asks again until there is an answer; what it was about where there is none in time. */
export async function until<T>(what: string, ask: () => T | null | undefined, within = WAIT_MS): Promise<T> {
  const end = Date.now() + within;
  for (;;) {
    hasChanged = false;
    const found = ask();
    if (found !== null && found !== undefined) return found;
    if (Date.now() > end) throw new Error(what);
    const latest = Date.now() + ALL_THE_SAME_MS;
    do await new Promise((go) => setTimeout(go, LOOK_MS));
    while (!hasChanged && Date.now() < latest);
  }
}

/** Asking for elements as browser tests do, of a document without a screen: by what a person would call them. */
export class Locator {
  constructor(readonly selector: string) {}

  private under(selector: string): Locator {
    return new Locator(this.selector === '' ? selector : `${this.selector} >> ${selector}`);
  }
  getByRole(
    role: string,
    options: Exactly & {
      readonly name?: Text;
      readonly level?: number;
      readonly checked?: boolean;
      readonly pressed?: boolean;
      readonly selected?: boolean;
      readonly expanded?: boolean;
    } = {},
  ): Locator {
    return this.under(getByRoleSelector(role, options));
  }
  getByText = (text: Text, options?: Exactly) => this.under(getByTextSelector(text, options));
  getByLabel = (text: Text, options?: Exactly) => this.under(getByLabelSelector(text, options));
  getByPlaceholder = (text: Text, options?: Exactly) => this.under(getByPlaceholderSelector(text, options));
  getByTitle = (text: Text, options?: Exactly) => this.under(getByTitleSelector(text, options));
  locator(selector: string | Locator): Locator {
    return this.under(typeof selector === 'string' ? selector : selector.selector);
  }
  filter({ hasText, has }: { readonly hasText?: Text; readonly has?: Locator }): Locator {
    const text = hasText instanceof RegExp ? String(hasText) : `${JSON.stringify(hasText)}i`;
    const kept = hasText === undefined ? (this as Locator) : this.under(`internal:has-text=${text}`);
    return has ? kept.under(`internal:has=${JSON.stringify(has.selector)}`) : kept;
  }
  nth = (at: number) => this.under(`nth=${at}`);
  first = () => this.nth(0);
  last = () => this.nth(-1);
  and = (other: Locator) => this.under(`internal:and=${JSON.stringify(other.selector)}`);

  /** All of them now. */
  found(): HTMLElement[] {
    const ivya = Ivya.create({ browser: 'chromium', testIdAttribute: 'data-testid' });
    return ivya.queryLocatorSelectorAll(this.selector, document) as HTMLElement[];
  }
  count = () => Promise.resolve(this.found().length);
  all = () => Promise.resolve(this.found().map((_, at) => this.nth(at)));

  /** The one that is meant, once it is there. */
  async one(): Promise<HTMLElement> {
    const element = await until(`there is no ${this.selector}`, () => this.found()[0]);
    const others = this.found().length - 1;
    if (others > 0)
      throw new Error(`${this.selector} is ${others + 1} elements: ${element.outerHTML.slice(0, 200)}`);
    return element;
  }
  /** The one that is meant, once something can be done to it. */
  private async able(): Promise<HTMLElement> {
    await this.one();
    return until(`${this.selector} is disabled`, () => {
      const [element] = this.found();
      return element?.matches(':disabled, [aria-disabled=true]') ? null : element;
    });
  }
  async click(): Promise<void> {
    await hands.click(await this.able());
  }
  async dblclick(): Promise<void> {
    await hands.dblClick(await this.able());
  }
  async hover(): Promise<void> {
    await hands.hover(await this.one());
  }
  async focus(): Promise<void> {
    (await this.one()).focus();
  }
  async blur(): Promise<void> {
    (await this.one()).blur();
  }
  async press(key: string): Promise<void> {
    await this.focus();
    await press(key);
  }
  async fill(text: string): Promise<void> {
    const field = (await this.able()) as HTMLInputElement;
    field.focus();
    // As a paste over everything: what the field holds is set past the framework, which hears of it by the event.
    const kind = field instanceof HTMLTextAreaElement ? HTMLTextAreaElement : HTMLInputElement;
    Object.getOwnPropertyDescriptor(kind.prototype, 'value')!.set!.call(field, text);
    for (const type of ['input', 'change']) field.dispatchEvent(new Event(type, { bubbles: true }));
  }
  clear = () => this.fill('');
  async pressSequentially(text: string): Promise<void> {
    await this.focus();
    await hands.keyboard(literal(text));
  }
  async check(): Promise<void> {
    const box = (await this.able()) as HTMLInputElement;
    if (!isChecked(box)) await hands.click(box);
  }
  async uncheck(): Promise<void> {
    const box = (await this.able()) as HTMLInputElement;
    if (isChecked(box)) await hands.click(box);
  }
  async selectOption(choice: string | { readonly label: string }): Promise<void> {
    const field = (await this.able()) as HTMLSelectElement;
    const is = ({ value, label }: HTMLOptionElement) =>
      typeof choice === 'string' ? value === choice || label === choice : label === choice.label;
    const option = await until(`no ${JSON.stringify(choice)} in ${this.selector}`, () =>
      [...field.options].find(is),
    );
    await hands.selectOptions(field, option);
  }
  async setInputFiles(files: GivenFile | readonly GivenFile[]): Promise<void> {
    const given = [files].flat() as readonly GivenFile[];
    const made = given.map(
      ({ name, mimeType, buffer }) => new File([new Uint8Array(buffer)], name, { type: mimeType }),
    );
    await hands.upload(await this.one(), made);
  }
  inputValue = async () => ((await this.one()) as HTMLInputElement).value;
  textContent = async () => (await this.one()).textContent;
  innerText = async () => (await this.one()).textContent ?? '';
  getAttribute = async (name: string) => (await this.one()).getAttribute(name);
  evaluate = async <T>(ask: (element: HTMLElement) => T): Promise<T> => ask(await this.one());
}

export const isChecked = (box: HTMLElement): boolean =>
  box instanceof HTMLInputElement ? box.checked : box.getAttribute('aria-checked') === 'true';

const literal = (text: string) => text.replaceAll('{', '{{').replaceAll('[', '[[');

/** Presses one key, with those that are held to it: `Control+z`. */
export async function press(combination: string): Promise<void> {
  const keys = combination.split(/\+(?=.)/);
  const key = keys.pop()!;
  const named = key === 'Space' ? ' ' : key;
  const typed = named.length === 1 ? literal(named) : `{${named}}`;
  await hands.keyboard(
    `${keys.map((one) => `{${one}>}`).join('')}${typed}${keys.map((one) => `{/${one}}`).join('')}`,
  );
}
export const typeText = (text: string): Promise<void> => hands.keyboard(literal(text));
