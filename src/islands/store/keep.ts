import type { parseEdit } from '#core/admission/index';
import type { Aside, Item } from './saving';

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

/** Keeps what is unsaved. False where the browser has no room for it. */
export function keepUnsaved(site: string, { pending, aside }: Unsaved, keep: Keep = sessionStorage): boolean {
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
      ? [{ id: `recalled-${index}-${Date.now()}`, edit: parsed.edit, label: 'an earlier change' }]
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
