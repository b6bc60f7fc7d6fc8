import { describe, expect, it } from 'vitest';
import type { Brief, Plan } from '../plan/index';
import { STRIKE_BRIEF } from '../specimens/doors';
import { installed } from '../specimens/installation';
import { checkContext, runChecks } from './index';

const store = (lock: string, over: Partial<Brief>): Plan =>
  installed({
    name: 'Store',
    brief: { ...STRIKE_BRIEF, mechanicalEgress: false, ...over },
    devices: ['supply-12v-battery', 'keypad-slots', lock, 'exit-button', 'flyback-diode'],
  });
const severities = (plan: Plan) =>
  runChecks(checkContext(plan, 'D01'))
    .filter(({ code }) => code === 'traps-people')
    .map(({ severity }) => severity);

describe('fail-secure without a lever', () => {
  it.each([true, false, null])('traps whoever is inside, on an escape route or not (%s)', (escapeRoute) =>
    expect(severities(store('strike-fail-secure', { escapeRoute }))).toEqual(['stop']),
  );
  it('traps nobody in a cabinet', () =>
    expect(severities(store('cabinet-latch', { escapeRoute: false }))).toEqual([]));
  it('traps nobody where a lever opens', () =>
    expect(severities(store('strike-fail-secure', { escapeRoute: false, mechanicalEgress: true }))).toEqual(
      [],
    ));
});
