import type { Placed } from '../../door/index';
import { terminalId, type TerminalId } from '../../plan/index';
import type { CheckContext } from '../context';

/** The first lead of a small part that no wire leads to; null where all are wired. */
export function looseLead(
  { wiresAt }: Pick<CheckContext, 'wiresAt'>,
  { device, type }: Placed,
): TerminalId | null {
  const leads = type.terminals.map(({ id }) => terminalId(device.id, id));
  return leads.find((lead) => wiresAt(lead).length === 0) ?? null;
}
