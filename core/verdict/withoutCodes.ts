import { toPutRight } from '../checks/index';
import type { Judgement } from './judge';

/**
 * A judgement made where codes, cards and keypad memories are not known: what hangs on them is neither found wrong nor called
 * settled, and a door whose programming nobody looked at is not ready to hand over.
 */
export function withoutCodes(judgement: Judgement): Judgement {
  if (!judgement.ok) return judgement;
  const { verdict } = judgement;
  const findings = verdict.findings.filter(({ station }) => station !== 'program');
  return {
    ok: true,
    verdict: {
      ...verdict,
      findings,
      marks: { ...verdict.marks, program: 'not-begun', 'hand-over': 'not-begun' },
      summary: {
        ...verdict.summary,
        toSettle: findings.filter(toPutRight).length,
        worst: findings[0]?.severity ?? 'sound',
      },
    },
  };
}
