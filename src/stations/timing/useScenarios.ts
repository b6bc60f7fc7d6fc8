import { useEffect, useMemo, useState } from 'react';
import type { Door, Plan, Scenario } from '#core/plan/index';
import { judge, offered, play, worstTimes, type Differs, type WorstTimes } from '#core/scenarios/index';
import { atRest, buildWorld, type SimState, type World } from '#core/simulate/index';
import { SCENARIOS } from '#words/scenarios';

/** A scenario on the list: kept with the door, or offered by the library. */
export interface ScenarioRow {
  readonly scenario: Scenario;
  readonly kept: boolean;
  /** What it is good for; null for one of the door's own. */
  readonly asks: string | null;
}

export interface Scene {
  readonly world: World;
  readonly rest: SimState;
}

/** The simulated door, made anew when anything of its circuit changes and not when a scenario does. */
export function useScene(plan: Plan, door: Door): Scene {
  const { devices, conductors, types } = plan;
  return useMemo(() => {
    const world = buildWorld(plan, door.id);
    return { world, rest: atRest(world) };
  }, [devices, conductors, types, door]);
}

/** Scenarios of a door: its own in their order, then those of the library that it has not kept. */
export function useRows(plan: Plan, door: Door, { world, rest }: Scene): ScenarioRow[] {
  const { scenarios } = plan;
  return useMemo(() => {
    const own = Object.values(scenarios)
      .filter((one) => one.door === door.id)
      .sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
    const names = new Set(own.map(({ name }) => name));
    const asksOf = (name: string) => Object.values(SCENARIOS).find((one) => one.name === name)?.asks ?? null;
    return [
      ...own.map((scenario) => ({ scenario, kept: true, asks: asksOf(scenario.name) })),
      ...offered(plan, world, rest)
        .filter(({ of }) => !names.has(SCENARIOS[of].name))
        .map(({ of, acts, until, expects }, index) => ({
          scenario: {
            id: `library-${of}`,
            door: door.id,
            name: SCENARIOS[of].name,
            order: own.length + index,
            acts,
            until,
            expects,
            kept: null,
          },
          kept: false,
          asks: SCENARIOS[of].asks,
        })),
    ];
  }, [scenarios, world, rest, door]);
}

/** What differs of each scenario, found one by one while nothing else is to be done. */
export function useDiffers(
  rows: readonly ScenarioRow[],
  { world, rest }: Scene,
): ReadonlyMap<Scenario, readonly Differs[]> {
  const [found, setFound] = useState<ReadonlyMap<Scenario, readonly Differs[]>>(new Map());
  useEffect(() => {
    let at = 0;
    const known = new Map<Scenario, readonly Differs[]>();
    const next = () => {
      const row = rows[at];
      if (!row) return setFound(new Map(known));
      known.set(row.scenario, judge(world, row.scenario, play(world, rest, row.scenario)));
      at += 1;
      timer = setTimeout(next, 0);
    };
    let timer = setTimeout(next, 30);
    return () => clearTimeout(timer);
  }, [rows, world, rest]);
  return found;
}

/** Longer scenarios are not tried with timers off: every combination is played to the end, here in the page. */
export const LONGEST_TRIED_MS = 3_600_000;

/** Timers that spoil one scenario when they are off by their tolerance: looked for a moment after the scenario is; undefined until then. */
export function useWorstTimes(
  scenario: Scenario | null,
  { world, rest }: Scene,
): WorstTimes | null | undefined {
  const [found, setFound] = useState<{ of: Scenario; worst: WorstTimes | null } | null>(null);
  useEffect(() => {
    if (!scenario || scenario.until > LONGEST_TRIED_MS) return;
    const timer = setTimeout(() => setFound({ of: scenario, worst: worstTimes(world, rest, scenario) }), 250);
    return () => clearTimeout(timer);
  }, [scenario, world, rest]);
  return found?.of === scenario ? found?.worst : undefined;
}
