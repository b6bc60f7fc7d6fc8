import type { TerminalId } from '../plan/index';

/** From worst to best. `sound` says what was proven right. */
export type Severity = 'stop' | 'fix' | 'caution' | 'note' | 'sound';
export const SEVERITIES: readonly Severity[] = ['stop', 'fix', 'caution', 'note', 'sound'];

/** W wiring, P power, R release, D data, T timing, C credentials. */
export type FamilyLetter = 'W' | 'P' | 'R' | 'D' | 'T' | 'C';

/** What kind of rule stands behind a finding. */
export type Basis = 'physics' | 'rating' | 'practice' | 'local-code';

/** What a finding is about, so that it can be shown on the very thing. */
export type Subject =
  | { readonly kind: 'door'; readonly id: string }
  | { readonly kind: 'device'; readonly id: string }
  | { readonly kind: 'terminal'; readonly id: TerminalId }
  | { readonly kind: 'conductor'; readonly id: string }
  | { readonly kind: 'person'; readonly id: string };
