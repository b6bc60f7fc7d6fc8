import { useEffect, useMemo, useRef, useState } from 'react';
import { diagramModel, type DiagramLayout, type DiagramModel } from '#core/drawing/index';
import type { DoorId, Plan } from '#core/plan/index';
import type { DiagramAnswer, DiagramRequest } from '../../workers/diagram.worker';

export interface Diagram {
  readonly model: DiagramModel;
  /** Null until the first layout is there. */
  readonly layout: DiagramLayout | null;
  readonly failed: boolean;
}

/** The diagram of a door, laid out off the thread that draws; the last layout stays until the next is there. */
export function useDiagram(plan: Plan, door: DoorId): Diagram {
  const model = useMemo(() => diagramModel(plan, door), [plan, door]);
  const [shown, setShown] = useState<{ model: DiagramModel; layout: DiagramLayout } | null>(null);
  const [failed, setFailed] = useState(false);
  const worker = useRef<Worker | null>(null);
  const version = useRef(0);
  const asked = useRef(new Map<number, DiagramModel>());
  const last = useRef<DiagramLayout | null>(null);

  useEffect(() => {
    const made = new Worker(new URL('../../workers/diagram.worker.ts', import.meta.url), { type: 'module' });
    worker.current = made;
    made.addEventListener('message', ({ data }: MessageEvent<DiagramAnswer>) => {
      const of = asked.current.get(data.version);
      asked.current.delete(data.version);
      if (!data.ok || !of) {
        setFailed(!data.ok);
        return;
      }
      if (data.version !== version.current) return;
      last.current = data.layout;
      setFailed(false);
      setShown({ model: of, layout: data.layout });
    });
    return () => made.terminate();
  }, []);

  useEffect(() => {
    version.current += 1;
    asked.current.set(version.current, model);
    const request: DiagramRequest = {
      version: version.current,
      model,
      ...(last.current ? { before: last.current } : {}),
    };
    worker.current?.postMessage(request);
  }, [model]);

  return { model: shown?.model ?? model, layout: shown?.layout ?? null, failed };
}
