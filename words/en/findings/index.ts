import type { Basis, FamilyLetter, Finding, FindingCode, Severity, StationId } from '#core/checks/index';
import { FINDINGS } from './rules/index';
import { spoken, texts } from '../../messages';

/** The one place where findings get their words: a file a rule, in `rules/`. */
export const findingTitle = spoken((finding: Finding): string =>
  FINDINGS[finding.code].title(finding.values),
);
export const findingReason = spoken((finding: Finding): string =>
  FINDINGS[finding.code].reason(finding.values),
);

/** Title of a kind of finding with its values left open, for lists of rules. */
export const findingSample = spoken((code: FindingCode): string =>
  FINDINGS[code].title(new Proxy({}, { get: (_values, key) => `‹${String(key)}›` })),
);

/** What the one-click fix is called on its button. */
export const remedyName = spoken(
  (finding: Finding): string => FINDINGS[finding.code].remedy?.(finding.values) ?? 'Fix it',
);

export const SEVERITY_NAMES: Record<Severity, string> = texts({
  stop: 'Stop',
  fix: 'To fix',
  caution: 'Caution',
  note: 'Note',
  sound: 'OK',
});

export const BASIS_NAMES: Record<Basis, string> = texts({
  physics: 'Follows from the circuit',
  rating: 'Device rating',
  practice: 'Good practice',
  'local-code': 'Usual code requirement: confirm locally',
});

export const FAMILY_NAMES: Record<FamilyLetter, string> = texts({
  W: 'Wiring',
  P: 'Power',
  R: 'Release',
  D: 'Data',
  T: 'Timing',
  C: 'Credentials',
});

/** What happens to a person where a finding of a family is left as it is. */
export const WHAT_HAPPENS: Record<FamilyLetter, string> = texts({
  W: 'Left so, the door does not do what the plan says: somebody may be kept in, or let in.',
  P: 'Left so, the lock may hold too weakly, or not let go, when the power is low or everything draws at once.',
  R: 'Left so, people may not get out in an emergency, or anybody may come in.',
  D: 'Left so, a card or code may not open the door, or what happens at it is not seen.',
  T: 'Left so, people may stand before a door that is locked again, or it stays unlocked too long.',
  C: 'Left so, the wrong person may open the door, or the right one may not.',
});

export const STATION_NAMES: Record<StationId, string> = texts({
  brief: 'Brief',
  wire: 'Wire',
  power: 'Power',
  prove: 'Prove',
  program: 'Program',
  timing: 'Timing',
  test: 'Test',
  'hand-over': 'Hand over',
});

/** Stands wherever a verdict on life safety is shown. */
export const LAW = texts(
  'A plan is not a permit. Local code and the authority having jurisdiction decide; a licensed person signs.',
);

export { codeProblemWords, loopName } from './text';
