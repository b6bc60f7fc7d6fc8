import type { Edit } from '#core/plan/index';

/** What stands in the log where a code was. */
export const LOGGED_SECRET = '••••';

/** Keys whose values are secrets, wherever they stand in an edit. */
const SECRET_KEYS = new Set(['code', 'programmingCode']);

/** An edit as it may be kept in the log: same shape, codes struck out. A keypad's memory goes altogether. */
export function redact(edit: Edit): unknown {
  if (edit.kind === 'setMemory') return { ...edit, memory: edit.memory ? LOGGED_SECRET : null };
  if (edit.kind === 'batch') return { ...edit, edits: edit.edits.map(redact) };
  return strike(edit);
}

function strike(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(strike);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [
      key,
      SECRET_KEYS.has(key) && inner !== '' && inner !== null ? LOGGED_SECRET : strike(inner),
    ]),
  );
}
