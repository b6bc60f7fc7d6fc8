import type { Brief, DeadState } from '../plan/index';

/** Why a dead state is proposed or refused. Worded in the interface. */
export type BriefReason =
  | 'no-mechanical-egress'
  | 'traps-people'
  | 'rescuers-need-entry'
  | 'rescuers-locked-out'
  | 'valuables-stay-locked'
  | 'opens-with-the-power'
  | 'fire-door-keeps-latching'
  | 'fire-door-may-not-latch'
  | 'lever-always-opens'
  | 'power-cut-keeps-shut'
  | 'needs-exit-and-break';

export interface DeadStateOption {
  readonly state: DeadState;
  /** `stop` must never be built; `reason` may, with a reason somebody puts their name to. */
  readonly allowed: 'recommended' | 'reason' | 'stop';
  readonly reasons: readonly BriefReason[];
}

export type DeadStateAdvice =
  | { readonly ok: false; readonly missing: readonly (typeof DECIDING)[number][] }
  | { readonly ok: true; readonly recommended: DeadState; readonly options: readonly DeadStateOption[] };

/** Answers without which no dead state can be recommended. */
const DECIDING = ['protects', 'escapeRoute', 'mechanicalEgress', 'rescuers', 'fireDoor'] as const;

/**
 * The dead state for a brief, with reasons and the alternative. Order of weight: people can always leave;
 * rescuers can enter; a fire door stays latched; valuables stay locked.
 */
export function recommendDeadState(brief: Brief): DeadStateAdvice {
  const missing = DECIDING.filter((question) => brief[question] === null);
  if (missing.length > 0) return { ok: false, missing };
  if (!brief.mechanicalEgress) {
    return advice('fail-safe', ['no-mechanical-egress', 'needs-exit-and-break'], {
      allowed: brief.escapeRoute ? 'stop' : 'reason',
      reasons: ['traps-people'],
    });
  }
  const againstSafe: BriefReason[] = [];
  if (brief.protects === 'valuables') againstSafe.push('opens-with-the-power');
  if (brief.fireDoor) againstSafe.push('fire-door-may-not-latch');
  if (brief.rescuers) {
    return advice('fail-safe', ['rescuers-need-entry', ...againstSafe], {
      allowed: 'reason',
      reasons: ['rescuers-locked-out', 'lever-always-opens'],
    });
  }
  const forSecure: BriefReason[] = ['lever-always-opens'];
  if (brief.fireDoor) forSecure.push('fire-door-keeps-latching');
  forSecure.push(brief.protects === 'valuables' ? 'valuables-stay-locked' : 'power-cut-keeps-shut');
  return advice('fail-secure', forSecure, {
    allowed: 'reason',
    reasons: againstSafe.length > 0 ? againstSafe : ['opens-with-the-power'],
  });
}

function advice(
  recommended: DeadState,
  reasons: readonly BriefReason[],
  other: Omit<DeadStateOption, 'state'>,
): DeadStateAdvice {
  const against: DeadState = recommended === 'fail-safe' ? 'fail-secure' : 'fail-safe';
  return {
    ok: true,
    recommended,
    options: [
      { state: recommended, allowed: 'recommended', reasons },
      { state: against, ...other },
    ],
  };
}
