import type { Schools } from '#core/plan/index';
import { texts } from '../messages';

/** Where practitioners differ: the question, what hangs on it, and the schools. The first named is the default. */
export const SCHOOL_QUESTIONS: Record<keyof Schools, { label: string; hint: string }> = texts({
  leg: { label: 'Switched leg', hint: 'Both are valid; a double-pole break covers both.' },
  release: { label: 'What releases the lock', hint: 'A terminal on the unsecured side should only request.' },
  readerFeed: { label: 'Readers are fed from', hint: 'Data needs a common 0 V either way.' },
  fire: {
    label: 'Fire release cuts',
    hint: 'The last element that feeds the lock, never software alone.',
  },
  fireTrigger: {
    label: 'Contact at a fire input',
    hint: 'Only a contact that opens on alarm reveals a cut wire.',
  },
  fireReach: {
    label: 'Another door’s fire relay comes',
    hint: 'A home run has no single point of failure; a chain is quick.',
  },
  status: { label: 'Bond or bolt contact', hint: 'Whether the lock is really locked.' },
  contact: { label: 'Door contact', hint: 'Resistors show a cut or a short of the pair.' },
});

export const SCHOOL_OPTIONS: { [K in keyof Schools]: Readonly<Record<Schools[K], string>> } = texts({
  leg: { plus: 'positive leg switched', minus: 'negative leg switched' },
  release: {
    'own-relay': 'own relay in the lock’s power (dry)',
    'timed-supply': 'relay triggers a timed supply’s PUSH',
    'wet-output': 'output feeds the lock (wet)',
  },
  readerFeed: { supply: 'the supply, 0 V joined', shared: 'the controller’s terminals' },
  fire: { 'lock-power': 'the lock’s own power', 'supply-input': 'a supply’s fire input' },
  fireTrigger: { NC: 'opens on alarm, monitored', NO: 'closes on alarm' },
  fireReach: {
    'home-run': 'home run from the relay',
    'daisy-chain': 'daisy-chained from the previous door',
  },
  status: { 'own-input': 'on an input of its own', 'with-contact': 'in series with the door contact' },
  contact: { plain: 'plain', 'end-of-line': 'with end-of-line resistors' },
});
