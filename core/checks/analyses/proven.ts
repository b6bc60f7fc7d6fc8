import { recommendDeadState } from '../../brief/index';
import { fireReleases, type Cell, type Missing } from '../../prove/index';
import { movedByOperatorOnly } from '../../simulate/index';
import { type Analysis, violation, type Violation } from '../violation';
import { doorSubject } from './doorSubject';
import { isLatched } from './latchesAtSupply';

/** What the proof found: people locked in, out, or not kept out; and what it could not prove. */
export const proven: Analysis = (context) => {
  const { proof, parts } = context;
  if (parts.locks.length === 0 && !movedByOperatorOnly(context.world)) return [];
  const at = doorSubject(context);
  // A fire relay that does not latch is a finding of its own, with its remedy.
  const latched = fireReleases(context.world, context.rest).every(({ device, type }) =>
    isLatched(context, device.id, type),
  );
  const rows = proof.rows.filter(
    ({ situation }) => latched || (situation !== 'fire-burnt' && situation !== 'fire-power'),
  );
  const fails = (side: 'outside' | 'inside', wanted: (cell: Cell) => boolean) =>
    rows
      .filter(({ cells }) => cells[side].verdict === 'fail' && wanted(cells[side]))
      .map((row) => row.situation);
  const groups = [
    ['locked-in', fails('inside', (cell) => cell.works.length === 0)],
    ['not-released', fails('inside', (cell) => cell.works.length > 0)],
    ['not-kept-out', fails('outside', (cell) => cell.expectation === 'must-not' && !cell.noWayIn)],
    ['locked-out', fails('outside', (cell) => cell.expectation !== 'must-not' || cell.noWayIn)],
  ] as const;
  const findings = groups.flatMap(([code, situations]): Violation[] =>
    situations.length > 0
      ? [violation(code, at, { situations: situations.join(','), count: situations.length })]
      : [],
  );
  const unsure = proof.rows.flatMap((row) =>
    [row.cells.outside, row.cells.inside].flatMap((cell) =>
      cell.verdict === 'not-proven' ? cell.missing : [],
    ),
  );
  const advice = recommendDeadState(context.door.brief);
  const asked: readonly string[] = advice.ok ? [] : advice.missing;
  const reasons = new Set(
    unsure.flatMap((one) => {
      // What the dead state hangs on is asked for by a finding of its own.
      if (one.kind === 'brief') return asked.includes(one.question) ? [] : [one.question];
      return saidElsewhere(one) ? [] : [one.kind];
    }),
  );
  if (reasons.size > 0) findings.push(violation('not-proven', at, { reasons: [...reasons].join(',') }));
  const dead = proof.rows.find((row) => row.situation === 'dead');
  const all = [dead?.cells.outside, dead?.cells.inside].every((cell) => cell?.verdict === 'pass');
  if (dead && all && dead.locks.length > 0) {
    const free = dead.locks.every((lock) => lock.hold === 'free');
    const tags = dead.locks.map((lock) => lock.tag).join(', ');
    findings.push(violation(free ? 'opens-when-dead' : 'stays-shut-when-dead', at, { tag: tags }));
  }
  return findings;
};

/** Gaps that another finding already names with its remedy. */
const saidElsewhere = (missing: Missing): boolean =>
  ['no-fire-release', 'no-lock', 'no-dead-state', 'restless'].includes(missing.kind);
