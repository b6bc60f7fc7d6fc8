import { useCallback, useEffect, useRef, useState } from 'react';
import type { Door, Plan } from '#core/plan/index';
import type { ProveAnswer, ProveRequest } from '../../workers/protocol';
import { circuitOf } from '../../parts/bench/useBench';

export type Kind = ProveRequest['kind'];
type Answer<K extends Kind> = Extract<ProveAnswer, { kind: K }>;
type Asked<K extends Kind> = Omit<Extract<ProveRequest, { kind: K }>, 'plan' | 'door' | 'kind'>;

/** Work that a worker does for one door, and what it has told so far. */
export interface Work<K extends Kind> {
  /** Not begun, at it, stopped by somebody, done, or it stumbled. */
  readonly state: 'idle' | 'runs' | 'stopped' | 'over' | 'stumbled';
  readonly answers: readonly Answer<K>[];
  start(asked: Asked<K>): void;
  stop(): void;
  /** Goes on behind what is known, keeping it. */
  goOn(asked: Asked<K>): void;
}

/**
 * One kind of work at a door, in a worker of its own. What it found belongs to one circuit: when the door changes it is ended and
 * dropped. Whoever stops it keeps what is there.
 */
export function useProve<K extends Kind>(kind: K, plan: Plan, door: Door): Work<K> {
  const circuit = circuitOf(plan, door.id);
  const worker = useRef<Worker | null>(null);
  const latest = useRef(plan);
  latest.current = plan;
  const [told, setTold] = useState<{
    circuit: string;
    state: Work<K>['state'];
    answers: readonly Answer<K>[];
  }>({ circuit, state: 'idle', answers: [] });
  const end = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
  }, []);
  useEffect(() => end, [circuit, end]);

  const run = useCallback(
    (asked: Asked<K>, keep: boolean) => {
      end();
      setTold((now) => ({
        circuit,
        state: 'runs',
        answers: keep && now.circuit === circuit ? now.answers : [],
      }));
      void import('../../workers/startProve').then(({ startProve }) => {
        const made = startProve();
        worker.current = made;
        made.addEventListener('message', ({ data }: MessageEvent<Answer<K>>) => {
          if (worker.current !== made) return;
          setTold((now) => ({
            circuit,
            state: data.over ? 'over' : 'runs',
            // Of a report that says all anew only the last counts.
            answers: data.kind === 'orders' ? [data] : [...now.answers, data],
          }));
          if (data.over) end();
        });
        made.addEventListener('error', () => {
          setTold((now) => ({ ...now, state: 'stumbled' }));
          end();
        });
        made.postMessage({ kind, plan: latest.current, door: door.id, ...asked } as unknown as ProveRequest);
      });
    },
    [circuit, door.id, end, kind],
  );
  const start = useCallback((asked: Asked<K>) => run(asked, false), [run]);
  const goOn = useCallback((asked: Asked<K>) => run(asked, true), [run]);
  const stop = useCallback(() => {
    end();
    setTold((now) => ({ ...now, state: 'stopped' }));
  }, [end]);

  const fresh = told.circuit === circuit;
  return {
    state: fresh ? told.state : 'idle',
    answers: fresh ? told.answers : [],
    start,
    stop,
    goOn,
  };
}
