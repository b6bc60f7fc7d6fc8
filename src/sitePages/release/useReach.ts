import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { doorsInOrder, type Plan } from '#core/plan/index';
import type { Fix, ReachFault, ReleaseTree, SiteOpenings, Trap } from '#core/reach/index';
import type { ReachAnswer, ReachRequest } from '../../workers/protocol';

/** The site as a building, as far as the worker has told. */
export interface Reach {
  readonly openings: SiteOpenings | null;
  readonly traps: readonly Trap[];
  /** What releases what; null until it is traced. */
  readonly tree: ReleaseTree | null;
  /** Fixes by the space that they let people out of, or by zone and door; absent while they are being tried. */
  readonly fixes: ReadonlyMap<string, readonly Fix[]>;
  readonly faults: {
    readonly state: 'idle' | 'runs' | 'paused' | 'over';
    readonly done: number;
    readonly of: number;
    readonly tried: number;
    readonly found: readonly ReachFault[];
  };
  readonly stumbled: boolean;
}

const NO_FAULTS: Reach['faults'] = { state: 'idle', done: 0, of: 0, tried: 0, found: [] };
const NOTHING: Reach = {
  openings: null,
  traps: [],
  tree: null,
  fixes: new Map(),
  faults: NO_FAULTS,
  stumbled: false,
};

/** All that the worker's answer hangs on, as text: a note or a person's name makes no difference. */
const said = (plan: Plan): string =>
  JSON.stringify([
    doorsInOrder(plan).map(({ id, brief, deadState, schools }) => [id, brief, deadState, schools]),
    Object.values(plan.devices).map(({ id, door, type, settings, place }) => [
      id,
      door,
      type,
      settings,
      place,
    ]),
    plan.conductors,
    plan.types,
    plan.spaces,
    plan.sides,
    plan.zones,
  ]);

/** Looks at the site in a worker; anew whenever anything changes that its doors let through. */
export function useReach(plan: Plan): Reach & {
  readonly begin: () => void;
  readonly pause: () => void;
  readonly goOn: () => void;
} {
  const { doors, devices, conductors, types, spaces, sides, zones } = plan;
  const key = useMemo(() => said(plan), [doors, devices, conductors, types, spaces, sides, zones]);
  const [told, setTold] = useState<{ key: string; reach: Reach }>({ key: '', reach: NOTHING });
  const worker = useRef<Worker | null>(null);
  const latest = useRef(plan);
  latest.current = plan;
  const tell = useCallback(
    (of: string, change: (reach: Reach) => Reach) =>
      setTold((now) => ({
        key: of,
        reach: change(
          now.key === of
            ? now.reach
            : { ...NOTHING, openings: now.reach.openings, traps: now.reach.traps, tree: now.reach.tree },
        ),
      })),
    [],
  );
  useEffect(() => {
    let over = false;
    const timer = setTimeout(() => {
      void import('../../workers/startReach').then(({ startReach }) => {
        if (over) return;
        const made = startReach();
        worker.current = made;
        made.addEventListener('message', ({ data }: MessageEvent<ReachAnswer>) => {
          if (over) return;
          tell(key, (reach) => heard(reach, data));
        });
        made.addEventListener('error', () => !over && tell(key, (reach) => ({ ...reach, stumbled: true })));
        made.postMessage({ kind: 'look', plan: latest.current } satisfies ReachRequest);
      });
    }, 60);
    return () => {
      over = true;
      clearTimeout(timer);
      worker.current?.terminate();
      worker.current = null;
    };
  }, [key, tell]);
  const ask = useCallback(
    (kind: 'faults' | 'pause' | 'goOn', state: Reach['faults']['state']) => {
      worker.current?.postMessage({ kind } satisfies ReachRequest);
      tell(key, (reach) => ({ ...reach, faults: { ...reach.faults, state } }));
    },
    [key, tell],
  );
  return {
    ...told.reach,
    begin: useCallback(() => ask('faults', 'runs'), [ask]),
    pause: useCallback(() => ask('pause', 'paused'), [ask]),
    goOn: useCallback(() => ask('goOn', 'runs'), [ask]),
  };
}

function heard(reach: Reach, answer: ReachAnswer): Reach {
  switch (answer.kind) {
    case 'opening':
      return reach;
    case 'open':
      return { ...reach, openings: answer.openings, traps: answer.traps, fixes: new Map() };
    case 'tree':
      return { ...reach, tree: answer.tree };
    case 'fixes':
      return { ...reach, fixes: new Map(reach.fixes).set(answer.of, answer.fixes) };
    case 'faults': {
      const { done, of, tried, found, over } = answer;
      const state = over ? 'over' : reach.faults.state;
      return { ...reach, faults: { state, done, of, tried, found } };
    }
  }
}
