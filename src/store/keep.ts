import type { parseEdit } from '#core/admission/index';
import { touchesSecrets } from '#core/plan/index';
import { say } from '#words/store/keep';
import type { Aside, Item } from './saving';
import type { Sealer } from './seal';

/** What has not been saved, over a reload of this tab. */
export interface Unsaved {
  readonly pending: readonly Item[];
  readonly aside: readonly Aside[];
}

const keyOf = (site: string): string => `aldaba.unsaved.${site}`;
/** Where versions before this one kept a bare list of edits. */
const oldKeyOf = (site: string): string => `aldaba.pending.${site}`;

/** Where a tab keeps it: its session storage. */
export type Keep = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

/**
 * An edit that says what a code, a card or a keypad's memory is to be stands in no browser's storage as it is: it is sealed with a key that the
 * server gives to whoever may see codes. Without the key it is not kept at all, and waits in its tab.
 */
interface SealedEdit {
  readonly kind: 'sealed';
  readonly text: string;
}
const isSealed = (edit: unknown): edit is SealedEdit =>
  (edit as { kind?: unknown } | null)?.kind === 'sealed';

function sealed<I extends Item>(items: readonly I[], sealer: Sealer | null): readonly I[] {
  return items.flatMap((item) => {
    if (!touchesSecrets(item.edit)) return [item];
    const edit = sealer && { kind: 'sealed', text: sealer.seal(JSON.stringify(item.edit)) };
    return edit ? [{ ...item, edit: edit as never }] : [];
  });
}

/** What was kept, opened; `shut` is what this key does not open, or null. */
export function unsealed(
  { pending, aside }: Unsaved,
  sealer: Sealer | null,
): { readonly open: Unsaved; readonly shut: Unsaved | null } {
  const parts = <I extends Item>(items: readonly I[]) => {
    const [open, shut]: [I[], I[]] = [[], []];
    for (const item of items) {
      const edit: unknown = item.edit;
      const text = isSealed(edit) ? (sealer?.open(edit.text) ?? null) : null;
      if (!isSealed(edit)) open.push(item);
      else if (text === null) shut.push(item);
      else open.push({ ...item, edit: JSON.parse(text) as never });
    }
    return { open, shut };
  };
  const [first, second] = [parts(pending), parts(aside)];
  return {
    open: { pending: first.open, aside: second.open },
    shut: first.shut.length + second.shut.length > 0 ? { pending: first.shut, aside: second.shut } : null,
  };
}

/** Keeps what is unsaved. False where the browser has no room for it. */
export function keepUnsaved(
  site: string,
  unsaved: Unsaved,
  keep: Keep = sessionStorage,
  sealer: Sealer | null = null,
): boolean {
  const [pending, aside] = [sealed(unsaved.pending, sealer), sealed(unsaved.aside, sealer)];
  try {
    if (pending.length === 0 && aside.length === 0) keep.removeItem(keyOf(site));
    else keep.setItem(keyOf(site), JSON.stringify({ pending, aside }));
    return true;
  } catch {
    return false;
  }
}

/** What an earlier load of this tab could not save; null where there is nothing. */
export function readKept(site: string, keep: Pick<Keep, 'getItem'> = sessionStorage): Unsaved | null {
  const kept = parse(keep.getItem(keyOf(site))) as Partial<Unsaved> | null;
  const [pending, aside] = [kept?.pending ?? [], kept?.aside ?? []];
  return pending.length === 0 && aside.length === 0 ? null : { pending, aside };
}

/** What a version before this one kept, each edit read by `read`. It is taken out: it is kept in the new way from now on. */
export function takeOlder(
  site: string,
  read: typeof parseEdit,
  keep: Keep = sessionStorage,
): readonly Item[] {
  const edits = parse(keep.getItem(oldKeyOf(site)));
  keep.removeItem(oldKeyOf(site));
  return (Array.isArray(edits) ? edits : []).flatMap((edit: unknown, index): Item[] => {
    const parsed = read(edit);
    return parsed.ok
      ? [{ id: `recalled-${index}-${Date.now()}`, edit: parsed.edit, label: say.anEarlierChange }]
      : [];
  });
}

function parse(text: string | null): unknown {
  try {
    return text === null ? null : JSON.parse(text);
  } catch {
    return null;
  }
}
