import type { Basis, FamilyLetter, Finding, FindingCode, Severity, StationId } from '#core/checks/index';
import { HARDWARE_FINDINGS } from './hardware';
import { LOOP_FINDINGS } from './loops';
import type { Values, Words } from './text';
import { WIRE_FINDINGS } from './wires';

/** The one place where findings get their words. A code without words does not compile. */
const FINDINGS: Record<FindingCode, Words> = { ...LOOP_FINDINGS, ...WIRE_FINDINGS, ...HARDWARE_FINDINGS };

export const findingTitle = (finding: Finding): string => FINDINGS[finding.code].title(finding.values);
export const findingReason = (finding: Finding): string => FINDINGS[finding.code].reason(finding.values);

/** Title of a kind of finding with its values left open, for lists of rules. */
export const findingSample = (code: FindingCode): string =>
  FINDINGS[code].title(new Proxy({}, { get: (_values, key) => `‹${String(key)}›` }));

/** What the one-click fix is called on its button. */
const REMEDIES: Partial<Record<FindingCode, (v: Values) => string>> = {
  'loop-broken': () => 'Add the wire',
  'link-missing': () => 'Add the link',
  'wrong-throw': (v) => `Move to ${v['right']}`,
  'dead-state-differs': (v) => `Set ${v['tag']}`,
  'dead-state-open': (v) => `Choose ${v['state']}`,
  'lock-under-voltage': (v) => `Use ${String(v['gauge']).replace('mm2', ' mm²')}`,
  'device-under-voltage': (v) => `Use ${String(v['gauge']).replace('mm2', ' mm²')}`,
  'fire-not-latched': (v) => `Latch ${v['tag']}`,
  'card-lines-swapped': () => 'Cross them back',
  'unlock-too-short': (v) => `Set ${v['limit']} s`,
  'unlock-below-least': (v) => `Set ${v['limit']} s`,
  'relock-without-contact': () => 'Re-lock on time',
  'slot-missing': () => 'Give the next slot',
  'short-circuit': (v) => `Take ${v['wire']} out`,
  'sources-joined': (v) => `Take ${v['wire']} out`,
  'link-superfluous': (v) => `Take ${v['wire']} out`,
  'part-bridged': (v) => `Take ${v['wire']} out`,
  'terminal-full': () => 'Put a joint in',
  'wire-twice': (v) => `Take ${v['wire']} out`,
  'spare-legs-tied': (v) => `Take ${v['wire']} out`,
  'unswitched-ground': (v) => `Move ${v['wire']} to ${v['terminal']}`,
  'connector-reversed': () => 'Turn it round',
  'diode-reversed': () => 'Turn it round',
  'eol-on-plain-input': () => 'Watch it by resistors',
  'exit-held': (v) => `Set it normally ${v['form'] === 'NC' ? 'open' : 'closed'}`,
  'lever-unlocks': () => 'Report only',
  'cable-overfull': () => 'Take a bigger cable',
  'screen-missing': () => 'Take a screened one',
  'screen-both-ends': () => 'Earth one end',
  'screen-unearthed': () => 'Earth it in the enclosure',
  'bus-unterminated': () => 'Switch it on',
  'bus-terminated-midway': () => 'Switch it off',
  'address-clash': () => 'Give a free address',
  'address-of-other-door': () => 'Give an address of this door',
  'channel-clash': () => 'Give a free channel',
  'channel-line-differs': (v) => `Set channel ${v['measured']}`,
  'jumper-with-three-cores': () => 'Take the jumper out',
  'jumper-missing': () => 'Put the jumper in',
  'operator-too-soon': () => 'Wait one second',
  'throws-before-shut': () => 'Re-lock on close',
};
export const remedyName = (finding: Finding): string =>
  REMEDIES[finding.code]?.(finding.values) ?? 'Put right';

export const SEVERITY_NAMES: Record<Severity, string> = {
  stop: 'Stop',
  fix: 'Put right',
  caution: 'Caution',
  note: 'Note',
  sound: 'Sound',
};

export const BASIS_NAMES: Record<Basis, string> = {
  physics: 'Follows from the circuit',
  rating: 'Device rating',
  practice: 'Good practice',
  'local-code': 'Usual code requirement: confirm locally',
};

export const FAMILY_NAMES: Record<FamilyLetter, string> = {
  W: 'Wiring',
  P: 'Power',
  R: 'Release',
  D: 'Data',
  T: 'Timing',
  C: 'Credentials',
};

export const STATION_NAMES: Record<StationId, string> = {
  brief: 'Brief',
  wire: 'Wire',
  power: 'Power',
  prove: 'Prove',
  program: 'Program',
  timing: 'Timing',
  test: 'Test',
  'hand-over': 'Hand over',
};

/** Stands wherever a verdict on life safety is shown. */
export const LAW =
  'A plan is not a permit. Local code and the authority having jurisdiction decide; a licensed person signs.';

export { codeProblemWords, loopName } from './text';
