import { parseEdit } from '#core/admission/index';
import type { Aside, Item } from './saving';

/** What has not been saved, over a reload of this tab. */
export interface Unsaved {
  readonly pending: readonly Item[];
  readonly aside: readonly Aside[];
}

const keyOf = (site: string): string => `aldaba.unsaved.${site}`;
/** Where versions before this one kept a bare list of edits. */
const oldKeyOf = (site: string): string => `aldaba.pending.${site}`;

/** Keeps what is unsaved. False where the browser has no room for it. */
export function keepUnsaved(site: string, { pending, aside }: Unsaved): boolean {
  try {
    if (pending.length === 0 && aside.length === 0) sessionStorage.removeItem(keyOf(site));
    else sessionStorage.setItem(keyOf(site), JSON.stringify({ pending, aside }));
    return true;
  } catch {
    return false;
  }
}

/** What an earlier load of this tab could not save; null where there is nothing. */
export function readUnsaved(site: string): Unsaved | null {
  const old = sessionStorage.getItem(oldKeyOf(site));
  sessionStorage.removeItem(oldKeyOf(site));
  const text = sessionStorage.getItem(keyOf(site));
  const kept = read(text) as Partial<Unsaved> | null;
  const edits = read(old);
  const older = (Array.isArray(edits) ? edits : []).flatMap((edit: unknown, index): Item[] => {
    const parsed = parseEdit(edit);
    return parsed.ok
      ? [{ id: `recalled-${index}-${Date.now()}`, edit: parsed.edit, label: 'an earlier change' }]
      : [];
  });
  const pending = [...older, ...(kept?.pending ?? [])];
  const aside = kept?.aside ?? [];
  return pending.length === 0 && aside.length === 0 ? null : { pending, aside };
}

function read(text: string | null): unknown {
  try {
    return text === null ? null : JSON.parse(text);
  } catch {
    return null;
  }
}
