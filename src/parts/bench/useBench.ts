import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { scopeOf, typeIn, type DoorId, type Plan } from '#core/plan/index';
import {
  advance,
  atRest,
  buildWorld,
  foresee,
  gone,
  ONE_EACH,
  sampleLanes,
  stimulate,
  type Effect,
  type LaneSample,
  type SimState,
  type Stimulus,
  type Whereabouts,
  type World,
} from '#core/simulate/index';

/** How far the lanes look ahead, and how long the clock runs on after the last thing that happened, ms. */
export const HORIZON_MS = 14_000;
const AFTERGLOW_MS = 2_500;
/** Samples older than this have left the lanes, ms. */
const KEEP_MS = 60_000;

interface Run {
  /** The door as it is planned. */
  readonly sound: World;
  /** The door that is on the bench: the planned one, or that with something broken in it. */
  readonly world: World;
  /** What is broken on the bench, in words; null where nothing is. */
  readonly broken: string | null;
  readonly state: SimState;
  readonly past: readonly LaneSample[];
  readonly ahead: readonly LaneSample[];
  readonly effects: readonly Effect[];
  /** What was done and what came of it, with its time, oldest first. */
  readonly journal: readonly Line[];
  /** Who stands on which side by now. */
  readonly people: Whereabouts;
}

/** One line of the bench's journal. */
export interface Line {
  readonly at: number;
  /** What a person did, by the name on its button; null for what followed. */
  readonly act: string | null;
  readonly effects: readonly Effect[];
}

/** Lines that are kept. */
const MOST_LINES = 200;
/** How fast the bench's time runs. */
export const SPEEDS = [1, 4, 0.25] as const;
export type Speed = (typeof SPEEDS)[number];

export interface Bench extends Run {
  /** True while the clock runs: something is going to happen by itself. */
  readonly running: boolean;
  /** True while time stands still: acts happen at this one moment. */
  readonly paused: boolean;
  readonly speed: Speed;
  pause(on: boolean): void;
  setSpeed(speed: Speed): void;
  /** Does something to the door; `named` is what the journal calls it. */
  act(stimulus: Stimulus, named?: string): void;
  /** Jumps to the next thing that happens by itself. */
  skip(): void;
  /** Everything back to rest, and nothing broken. */
  reset(): void;
  /** Puts a door on the bench as it stands after something, in words; `broken` says what no longer works of it. */
  put(world: World, state: SimState, broken: string | null, named: string): void;
  /** The bench's clock, in ms, for whoever draws the cursor each frame. */
  clock(): number;
}

const begin = (world: World): Run => {
  const state = atRest(world);
  return {
    sound: world,
    world,
    broken: null,
    state,
    past: [sampleLanes(world, state)],
    ahead: [],
    effects: [],
    journal: [],
    people: ONE_EACH,
  };
};

function goOn(run: Run, state: SimState, effects: readonly Effect[], named: string | null = null): Run {
  const sample = sampleLanes(run.world, state);
  return {
    ...run,
    state,
    past: [...run.past.filter((one, i) => one.at > sample.at - KEEP_MS || i === run.past.length - 1), sample],
    ahead: foresee(run.world, state, state.now + HORIZON_MS),
    effects: [...run.effects, ...effects].slice(-12),
    journal:
      named === null && effects.length === 0
        ? run.journal
        : [...run.journal, { at: state.now, act: named, effects }].slice(-MOST_LINES),
  };
}

/** All that a door's simulation is made of, as text: what says the same behaves the same. */
export function circuitOf(plan: Plan, door: DoorId): string {
  const { devices, conductors } = scopeOf(plan, door);
  const { brief, deadState } = plan.doors[door] ?? {};
  return JSON.stringify([
    door,
    brief,
    deadState,
    devices,
    conductors,
    devices.map((one) => typeIn(plan, one)),
  ]);
}

const isBusy = (state: SimState) => state.queue.some((timer) => timer.device !== 'battery');

/** The bench of a door: its simulation, run in real time while anything is pending. */
export function useBench(plan: Plan, door: DoorId): Bench {
  const { devices, conductors, types, doors } = plan;
  const circuit = useMemo(() => circuitOf(plan, door), [devices, conductors, types, doors[door], door]);
  // Only another circuit restarts the bench: a person's new name does not, nor the rest of the site when it arrives.
  const world = useMemo(() => buildWorld(plan, door), [circuit]);
  const [run, setRun] = useState<Run>(() => begin(world));
  const current = run.sound === world ? run : begin(world);
  if (current !== run) setRun(current);

  const [running, setRunning] = useState(false);
  const [paused, setPaused] = useState(false);
  const [speed, setSpeedState] = useState<Speed>(1);
  // Simulated time = base.sim + (wall − base.wall) · rate while running.
  const base = useRef({ sim: 0, wall: 0 });
  const rate = useRef({ speed: 1 as Speed, paused: false });
  const latest = useRef(current);
  latest.current = current;
  const runningRef = useRef(false);

  const clock = useCallback(
    () =>
      runningRef.current
        ? base.current.sim + (performance.now() - base.current.wall) * rate.current.speed
        : latest.current.state.now,
    [],
  );

  const setClock = useCallback((sim: number, on: boolean) => {
    base.current = { sim, wall: performance.now() };
    const runs = on && !rate.current.paused;
    runningRef.current = runs;
    setRunning(runs);
  }, []);

  useEffect(() => setClock(0, false), [world, setClock]);

  const setSpeed = useCallback(
    (next: Speed) => {
      const now = clock();
      rate.current = { ...rate.current, speed: next };
      setSpeedState(next);
      setClock(now, runningRef.current);
    },
    [clock, setClock],
  );

  const pause = useCallback(
    (on: boolean) => {
      // What has happened up to now has happened.
      const now = clock();
      const { world: at, state } = latest.current;
      const caught = advance(at, state, now);
      const next = goOn(latest.current, { ...caught.state, now }, caught.effects);
      latest.current = next;
      setRun(next);
      rate.current = { ...rate.current, paused: on };
      setPaused(on);
      setClock(now, !on && isBusy(next.state));
    },
    [clock, setClock],
  );

  const act = useCallback(
    (stimulus: Stimulus, named?: string) => {
      const now = clock();
      const { world: at, state } = latest.current;
      const caught = advance(at, state, now);
      const step = stimulate(at, caught.state, stimulus);
      const after = goOn(latest.current, step.state, [...caught.effects, ...step.effects], named);
      // Whoever pushes an open door goes through it, and so does whoever comes behind.
      const passes = stimulus.kind === 'openDoor' && stimulus.from !== 'force' && step.state.doorOpen;
      const next = passes
        ? { ...after, people: gone(after.people, stimulus.from === 'inside' ? 'inside' : 'outside') }
        : after;
      latest.current = next;
      setRun(next);
      setClock(step.state.now, true);
    },
    [clock, setClock],
  );

  const skip = useCallback(() => {
    const { world: at, state } = latest.current;
    const due = state.queue[0];
    if (!due) return;
    const step = advance(at, state, due.at);
    const next = goOn(latest.current, step.state, step.effects);
    latest.current = next;
    setRun(next);
    setClock(step.state.now, true);
  }, [setClock]);

  const reset = useCallback(() => {
    const next = begin(latest.current.sound);
    latest.current = next;
    setRun(next);
    setClock(0, false);
  }, [setClock]);

  const put = useCallback(
    (world: World, state: SimState, broken: string | null, named: string) => {
      const next: Run = {
        ...begin(latest.current.sound),
        world,
        broken,
        state,
        past: [sampleLanes(world, state)],
        ahead: foresee(world, state, state.now + HORIZON_MS),
        journal: [{ at: state.now, act: named, effects: [] }],
      };
      latest.current = next;
      setRun(next);
      setClock(state.now, isBusy(state));
    },
    [setClock],
  );

  useEffect(() => {
    if (!running) return;
    let frame = 0;
    let quietSince: number | null = null;
    const tick = () => {
      const now = clock();
      const { world: at, state } = latest.current;
      const due = state.queue[0];
      if (due && due.at <= now) {
        const step = advance(at, state, now);
        const next = goOn(latest.current, step.state, step.effects);
        latest.current = next;
        setRun(next);
      }
      if (isBusy(latest.current.state)) quietSince = null;
      else quietSince ??= now;
      if (quietSince !== null && now - quietSince > AFTERGLOW_MS) {
        const { state: last } = latest.current;
        const still = { ...latest.current, state: { ...last, now } };
        latest.current = still;
        setRun(still);
        setClock(now, false);
        return;
      }
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [running, world, clock, setClock]);

  return { ...current, running, paused, speed, pause, setSpeed, act, skip, reset, put, clock };
}
