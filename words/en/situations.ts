import type { Breaks, Cell, Expectation, Later, Missing, PathLabel, ProofRow, Side } from '#core/prove/index';
import { formatAmps, formatSeconds, formatVolts } from '#core/units/index';
import { ALARM_NAMES } from './alarms';
import { meansWords } from './situationNames';
import { spoken } from '../messages';

export const expectationWords = spoken((expectation: Expectation, side: Side): string => {
  const way = side === 'outside' ? 'in' : 'out';
  switch (expectation) {
    case 'must':
      return `a way ${way}`;
    case 'must-freely':
      return side === 'outside' ? 'open' : 'out freely';
    case 'must-not':
      return 'locked';
    case 'may':
      return 'either way';
  }
});

/** The same as a demand: `should be locked`. */
export const shouldWords = spoken((expectation: Expectation, side: Side): string => {
  switch (expectation) {
    case 'must':
      return `a way ${side === 'outside' ? 'in' : 'out'} needed`;
    case 'must-freely':
      return side === 'outside' ? 'should be open' : 'free exit needed';
    case 'must-not':
      return 'should be locked';
    case 'may':
      return 'either way';
  }
});

const MISSING: Record<Exclude<Missing['kind'], 'weak-lock' | 'brief' | 'asked-less'>, string> = {
  'no-lock': 'no lock is planned',
  'leaf-by-hand': 'an operator alone moves the leaf: the plan does not say whether a hand can',
  'no-entry': 'nothing at this door takes a card or a code',
  'leaf-without-lock': 'every lock is on the second leaf, and nothing secures the first',
  'no-dead-state': 'the locks differ, and neither fail-safe nor fail-secure is chosen',
  restless: 'the circuit never comes to rest',
  'no-fire-release': 'the plan has no fire release',
  'no-battery': 'no battery is planned',
};
const QUESTIONS = {
  mechanicalEgress: 'is there a lever or bar that works without power?',
  rescuers: 'must the fire service get in without power?',
  escapeRoute: 'is it on an escape route?',
  keyOverride: 'does a key open it from outside without power?',
  ownLatch: 'does a latch of its own hold it in a fire?',
  bothLeaves: 'must both leaves open for everybody to get out?',
  delayedEgress: 'may the exit be delayed here, and for how long?',
} as const;

export const missingWords = spoken(function missingWords(missing: Missing): string {
  if (missing.kind === 'weak-lock') {
    return `${missing.tag} at ${formatVolts(missing.volts)} neither holds nor releases`;
  }
  if (missing.kind === 'asked-less')
    return `less is asked for than the brief calls for (“${missing.reason}”); a licensed person decides whether that is allowed`;
  return missing.kind === 'brief'
    ? `the brief does not say: ${QUESTIONS[missing.question]}`
    : MISSING[missing.kind];
});

/** One or two words for what the cell found. */
export const outcomeWords = spoken(function outcomeWords(cell: Cell, side: Side): string {
  if (cell.verdict === 'not-proven') return 'Not proven';
  if (cell.unlatched) return 'Unlatched';
  if (cell.noWayIn) return 'No way in';
  if (cell.halfWidth) return 'One leaf only';
  if (cell.breaks?.by) return `Open by ${cell.breaks.by}`;
  if (cell.breaks && cell.breaks.after > 0)
    return `${side === 'outside' && cell.got === 'possible' ? 'Open' : 'Locked'} after ${formatSeconds(cell.breaks.after)}`;
  if (side === 'outside') {
    if (cell.got === 'possible') return 'Open';
    return cell.works.some(({ kind }) => kind === 'key') ? 'Locked; a key opens it' : 'Locked';
  }
  if (cell.works.length === 0) return 'No way out';
  if (cell.got !== 'possible') return `Only by ${cell.works.map(meansWords).join(', ')}`;
  return cell.works.some((one) => one.kind === 'unlocked')
    ? 'Unlocked'
    : cell.works.map(meansWords).join(', ');
});

const VERDICTS: Record<Cell['verdict'], string> = { pass: 'Pass', fail: 'Fail', 'not-proven': 'Not proven' };
export const verdictWords = spoken((verdict: Cell['verdict']): string => VERDICTS[verdict]);

/** Why a cell is as it is, in numbers. */
export const cellReason = spoken(function cellReason(row: ProofRow, side: Side): string {
  const cell = row.cells[side];
  if (cell.missing.length > 0) return `Not proven: ${cell.missing.map(missingWords).join('; ')}.`;
  const locks = row.locks.map(
    (lock) => `${lock.tag} ${HOLD[lock.hold]} at ${formatVolts(lock.volts)}, ${formatAmps(lock.amps)}`,
  );
  if (cell.unlatched)
    return `It is a fire door, and nothing latches the leaf: ${locks.join('; ') || 'no lock'}.`;
  if (cell.noWayIn)
    return `${locks.join('; ')}. The fire service must get in, and by the brief no key opens it from outside.`;
  if (cell.halfWidth)
    return `${locks.join('; ')}. The second leaf stays locked, and people get out in time only through both.`;
  const breaks = cell.breaks && breaksWords(cell.breaks, cell);
  if (breaks) return `${locks.join('; ')}. ${breaks}`;
  if (side === 'outside') return `${locks.join('; ')}.`;
  if (cell.works.some(({ kind }) => kind === 'unlocked')) return `${locks.join('; ')}. Just open it.`;
  const worked = cell.works.map(meansWords);
  const works = worked.join(', ');
  const vain = cell.tried
    .filter(({ kind }) => kind !== 'unlocked')
    .map(meansWords)
    .filter((one) => !worked.includes(one))
    .join(', ');
  return `${locks.join('; ')}. ${works ? `Out by ${works}` : 'No way out'}${vain ? `; does not work: ${vain}` : ''}.`;
});

/** When it stops being as it must, and by whose doing. */
function breaksWords({ after, by, timer }: Breaks, { got, expectation, works }: Cell): string {
  const whose = timer === null ? '' : `, when a timer of ${timer} ends`;
  const when = after > 0 ? `After ${formatSeconds(after)}${whose},` : 'At once';
  if (by !== null) return `${when} anybody outside opens it by ${by}, with nothing but a hand.`;
  if (expectation === 'must-not' && got === 'possible') return `${when} it stands open, by itself.`;
  const left = works.length > 0 ? `, and the way out is ${works.map(meansWords).join(', ')}` : '';
  return `${when} it is locked again by itself${left}.`;
}

const HOLD = { held: 'is locked', free: 'is unlocked', weak: 'is between locked and released' } as const;

/** What a lock does, in a word for a lane. */
export const holdName = spoken(
  (hold: Later['hold']): string =>
    ({ free: 'unlocked', held: 'locked', weak: 'between locked and released', 'no-lock': 'no lock' })[hold],
);

/** What happens by itself, one after the other: `held after 5.0 s; held, held-open alarm after 30.0 s`. */
export const laterWords = spoken((later: readonly Later[]): string =>
  later
    .map(({ after, hold, alarms }) => {
      const lock = holdName(hold);
      const told = alarms.map((alarm) => ALARM_NAMES[alarm].toLowerCase());
      return `${[lock, ...told].join(', ')} after ${formatSeconds(after)}`;
    })
    .join('; '),
);

const LINES = { normal: 'normal', alarm: 'alarm', trouble: 'trouble', dead: 'not fed' } as const;

/** What the panel sees of its lines: `Line of M1: alarm`. */
export const linesWords = spoken((lines: ProofRow['lines']): string =>
  lines.map(({ tag, reads }) => `Line of ${tag}: ${LINES[reads]}`).join('; '),
);

/** How long a door that was let go stays so: ` for 5.0 s`; nothing where it does not lock again by itself. */
export const soonWords = spoken(function soonWords({
  locks,
  later,
}: Pick<ProofRow, 'locks' | 'later'>): string {
  if (!locks.some(({ hold }) => hold === 'free')) return '';
  const again = later.find(({ hold }) => hold === 'held');
  return again ? ` for ${formatSeconds(again.after)}` : '';
});

/** The way of a current, as a line: PS1 → W01 → F1 C–NC → ... */
export const pathWords = spoken((path: readonly PathLabel[]): string =>
  path
    .map((step) => (step.kind === 'wire' ? step.number : `${step.tag} ${step.from}/${step.to}`))
    .join(' → '),
);
