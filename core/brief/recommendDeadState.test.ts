import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { EMPTY_BRIEF, type Brief } from '../plan/index';
import { recommendDeadState } from './index';

const answered: Brief = {
  ...EMPTY_BRIEF,
  protects: 'general',
  escapeRoute: true,
  mechanicalEgress: false,
  rescuers: false,
  fireDoor: false,
};

describe('recommendDeadState', () => {
  it('says what is missing before it recommends anything', () => {
    const advice = recommendDeadState(EMPTY_BRIEF);
    expect(advice.ok).toBe(false);
    if (!advice.ok) expect(advice.missing).toContain('mechanicalEgress');
  });
  it('stops fail-secure without mechanical egress on an escape route', () => {
    const advice = recommendDeadState(answered);
    if (!advice.ok) throw new Error('unanswered');
    expect(advice.recommended).toBe('fail-safe');
    expect(advice.options[1]).toMatchObject({
      state: 'fail-secure',
      allowed: 'stop',
      reasons: ['traps-people'],
    });
  });
  it('keeps valuables locked where a lever opens from inside', () => {
    const advice = recommendDeadState({ ...answered, mechanicalEgress: true, protects: 'valuables' });
    expect(advice).toMatchObject({ ok: true, recommended: 'fail-secure' });
  });
  it('lets rescuers in, and says what that costs at a fire door', () => {
    const advice = recommendDeadState({
      ...answered,
      mechanicalEgress: true,
      rescuers: true,
      fireDoor: true,
    });
    if (!advice.ok) throw new Error('unanswered');
    expect(advice.recommended).toBe('fail-safe');
    expect(advice.options[0]?.reasons).toContain('fire-door-may-not-latch');
  });
  it('never recommends fail-secure without mechanical egress', () => {
    const flag = fc.boolean();
    const briefs = fc.record({
      protects: fc.constantFrom('people', 'valuables', 'equipment', 'general' as const),
      escapeRoute: flag,
      mechanicalEgress: flag,
      rescuers: flag,
      fireDoor: flag,
    });
    fc.assert(
      fc.property(briefs, (brief) => {
        const advice = recommendDeadState({ ...EMPTY_BRIEF, ...brief } as Brief);
        return advice.ok && (brief.mechanicalEgress || advice.recommended === 'fail-safe');
      }),
    );
  });
});
