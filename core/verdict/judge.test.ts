import { describe, expect, it } from 'vitest';
import { checkContext, RULES, runChecks, tryRemedies } from '../checks/index';
import { runRules } from '../checks/runRules';
import type { Plan } from '../plan/index';
import { lobbyDoor, MAGNET_BRIEF, magnetDoor, mustApply, strikeDoor, wiredDoor } from '../specimens/doors';
import { doorVerdict, judge, judgeInSteps, summarise, unjudged } from './index';
import { runToEnd } from '../checks/index';

/** A plan that admission would never let in: a device of a type that there is not. */
function broken(plan: Plan, id: string): Plan {
  return { ...plan, devices: { ...plan.devices, [id]: { ...plan.devices[id]!, type: 'teapot' } } };
}

describe('judge', () => {
  it('gives the verdict, and for a door that breaks it the reason instead', () => {
    const good = magnetDoor();
    expect(judge(good, 'D01')).toEqual({ ok: true, verdict: doorVerdict(good, 'D01') });
    const bad = judge(broken(good, 'D01/L1'), 'D01');
    expect(bad).toMatchObject({ ok: false, door: 'D01' });
    expect(!bad.ok && bad.reason).toContain('teapot');
    expect(judge(good, 'D77').ok).toBe(false);
  });
  it('does not let one door take the others with it', () => {
    // What an old database may hold: a setting that the type no longer takes.
    const two = wiredDoor('magnet-controller', MAGNET_BRIEF, magnetDoor(), 'D02');
    const lock = { ...two.devices['D02/L1']!, settings: { voltage: '99' } };
    const plan: Plan = { ...two, devices: { ...two.devices, 'D02/L1': lock } };
    expect(summarise(plan, 'D01').judged).toBe(true);
    expect(summarise(plan, 'D02')).toEqual(unjudged(plan, 'D02'));
  });
  it('shows a door that could not be judged as nothing good', () => {
    expect(unjudged(magnetDoor(), 'D01')).toEqual({
      door: 'D01',
      deadState: 'fail-safe',
      toSettle: 0,
      worst: 'stop',
      begun: true,
      fire: [],
      judged: false,
    });
  });
});

describe('judgeInSteps', () => {
  const wrong = mustApply(
    magnetDoor(),
    { kind: 'setSetting', device: 'D01/F1', setting: 'latch', value: 'following' },
    { kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 2 },
  );
  it('says first what is wrong without any remedy, then the same with those that were tried', () => {
    for (const plan of [magnetDoor(), strikeDoor(), lobbyDoor(), wrong]) {
      const { first, completing } = judgeInSteps(plan, 'D01');
      const last = runToEnd(completing());
      if (!first.ok || !last.ok) throw new Error('not judged');
      expect(first.verdict.findings.every(({ remedy }) => remedy === undefined)).toBe(true);
      const bare = last.verdict.findings.map(({ remedy: _remedy, ...finding }) => finding);
      expect(bare).toEqual(first.verdict.findings);
      expect(last.verdict.summary).toEqual(first.verdict.summary);
    }
  });
  it('offers what settles, and after it less is to be settled', () => {
    const { findings } = doorVerdict(wrong, 'D01');
    const offered = findings.filter(({ remedy }) => remedy);
    expect(offered.map(({ code }) => code)).toEqual(
      expect.arrayContaining(['fire-not-latched', 'unlock-below-least']),
    );
    for (const { remedy, code } of offered) {
      const after = doorVerdict(mustApply(wrong, remedy!), 'D01');
      expect(after.findings.map((one) => one.code)).not.toContain(code);
    }
  });
  it('fails in both steps alike', () => {
    const { first, completing } = judgeInSteps(broken(magnetDoor(), 'D01/K1'), 'D01');
    expect(first.ok).toBe(false);
    expect(runToEnd(completing())).toEqual(first);
  });
});

describe('runRules', () => {
  const context = checkContext(magnetDoor(), 'D01');
  it('gives each finding the family, basis, station and severity of its rule, unless the hit is milder or worse', () => {
    for (const finding of runRules(context)) {
      const rule = RULES.find(({ code }) => code === finding.code)!;
      expect(finding).toMatchObject({ family: rule.family, basis: rule.basis, station: rule.station });
    }
  });
  it('runs an analysis once, however many rules share it', () => {
    const shared = new Map<unknown, number>();
    for (const { find } of RULES) shared.set(find, (shared.get(find) ?? 0) + 1);
    expect(Math.max(...shared.values())).toBeGreaterThan(3);
    let asked = 0;
    const counting = new Proxy(context, {
      get(target, key) {
        if (key === 'budget') asked += 1;
        return Reflect.get(target, key) as unknown;
      },
    });
    runRules(counting);
    // Two looks at the budget, for five rules.
    expect(asked).toBeLessThanOrEqual(3);
  });
  it('throws for a code that no rule has: dropped it would be a wrong sound', () => {
    const stray = { code: 'nobody-knows', at: [], values: {} };
    const rule = RULES[0] as unknown as { find: unknown };
    const before = rule.find;
    rule.find = () => [stray];
    try {
      expect(() => runRules(context)).toThrow('nobody-knows');
      expect(judge(magnetDoor(), 'D01').ok).toBe(false);
    } finally {
      rule.find = before;
    }
  });
  it('has no two rules of one code, and each code in the words of its kind', () => {
    const codes = RULES.map(({ code }) => code);
    expect(new Set(codes).size).toBe(codes.length);
    for (const code of codes) expect(code).toMatch(/^[a-z]+(-[a-z]+)*$/);
  });
  it('gives what runChecks gives, but for order and what lies behind', () => {
    const found = runChecks(context);
    expect(found.filter(({ behind }) => !behind)).toHaveLength(runRules(context).length);
    expect(tryRemedies(context, found)).toHaveLength(found.length);
  });
});
