import type { Edit } from '../plan/index';
import type { StationId } from './stations';

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
  | { readonly kind: 'terminal'; readonly id: string }
  | { readonly kind: 'conductor'; readonly id: string }
  | { readonly kind: 'person'; readonly id: string };

/** A finding is data; its wording lives in one place outside the core. */
export interface Finding {
  readonly code: FindingCode;
  readonly family: FamilyLetter;
  readonly severity: Severity;
  readonly basis: Basis;
  readonly station: StationId;
  readonly at: readonly Subject[];
  /** Values the wording needs: tags, numbers with their unit in the name. */
  readonly values: Readonly<Record<string, string | number>>;
  /** Seen only with another finding put right: this one hides behind it until then. */
  readonly behind?: FindingCode;
  /** The fix as one click, where one exists. */
  readonly remedy?: Edit;
}

/** Every kind of finding. Each has words, a test that it fires and one that it stays quiet. */
export const FINDING_CODES = [
  'no-lock',
  'no-supply',
  'no-decider',
  'loop-broken',
  'link-missing',
  'loop-reversed',
  'wrong-throw',
  'dead-state-differs',
  'driven-input',
  'reversed-device',
  'over-voltage',
  'contact-overload',
  'supply-overload',
  'terminal-full',
  'device-unfed',
  'restless',
  'exit-dead',
  'contact-unseen',
  'contact-inverted',
  'no-suppression',
  'spare-wire',
  'lock-under-voltage',
  'device-under-voltage',
  'lock-voltage-sound',
  'headroom',
  'battery-short',
  'battery-sound',
  'no-battery',
  'brief-open',
  'dead-state-open',
  'traps-people',
  'dead-state-overridden',
  'no-break-glass',
  'break-in-one-leg',
  'break-not-in-lock-power',
  'break-both-legs',
  'fire-not-latched',
  'fire-unwatched',
  'no-fire-release',
  'opens-when-dead',
  'stays-shut-when-dead',
  'locked-in',
  'not-released',
  'locked-out',
  'not-kept-out',
  'not-proven',
  'card-lost',
  'card-lines-swapped',
  'card-line-missing',
  'reader-dead',
  'card-arrives',
  'wrong-current',
  'driven-output',
  'common-missing',
  'address-clash',
  'unlock-too-short',
  'unlock-below-least',
  'relock-without-contact',
  'nobody-on-list',
  'factory-code',
  'code-refused',
  'slot-missing',
  'code-shared',
  'address-of-other-door',
  'bell-silent',
  'bus-forked',
  'bus-overloaded',
  'bus-terminated-midway',
  'bus-too-long',
  'bus-unterminated',
  'cable-overfull',
  'cable-size-differs',
  'call-not-crossed',
  'capacity-exceeded',
  'channel-beyond',
  'channel-clash',
  'channel-line-differs',
  'circuits-crossed',
  'connector-reversed',
  'contact-inrush',
  'diode-reversed',
  'eol-missing',
  'eol-on-plain-input',
  'eol-around-part',
  'eol-open',
  'eol-wrong-value',
  'exit-held',
  'fire-through-controller',
  'intercom-no-answer',
  'intercom-no-supply',
  'intercom-second-supply',
  'interface-too-long',
  'jumper-missing',
  'jumper-with-three-cores',
  'key-releases-nothing',
  'lever-unheard',
  'lever-unlocks',
  'link-superfluous',
  'network-address-clash',
  'network-address-open',
  'not-weatherproof',
  'operator-blocked',
  'operator-too-soon',
  'operator-unasked',
  'part-bridged',
  'pigtails-loose',
  'pull-unheard',
  'reader-kind',
  'release-beside-audio',
  'screen-both-ends',
  'screen-missing',
  'screen-unearthed',
  'second-output-idle',
  'short-circuit',
  'size-outside-terminal',
  'sources-joined',
  'spare-legs-tied',
  'status-unread',
  'status-unused',
  'suppression-idle',
  'suppression-too-high',
  'throws-before-shut',
  'unswitched-ground',
  'varistor-below-supply',
  'wire-twice',
  'sensor-without-supply',
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];
