import { createElement, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import Download from 'lucide-react/icons/download';
import Maximize2 from 'lucide-react/icons/maximize-2';
import Minus from 'lucide-react/icons/minus';
import Plus from 'lucide-react/icons/plus';
import { diagramTree, type Live, type SvgNode } from '#core/drawing/index';
import { type TerminalId, terminalLabel, type DoorId } from '#core/plan/index';
import { formatAmps } from '#core/units/index';
import { COLOUR_NAMES } from '#words/colours';
import { say } from '#words/stations/wire/DiagramView';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { useHighlight } from '../../parts/navigation';
import { usePlan } from '../../store/context';
import { useDiagram } from './useDiagram';
import type { Wiring } from '../../parts/useWiring';
import css from './DiagramView.module.css';

/** What part of the drawing is in view: its top left corner, and screen pixels per unit. */
interface View {
  readonly x: number;
  readonly y: number;
  readonly scale: number;
}

const CLOSEST = 3;
const FARTHEST = 0.2;
/** Scale at which the smallest letters are still ten pixels high. */
const LEGIBLE = 0.88;
const clampScale = (scale: number) => Math.min(CLOSEST, Math.max(FARTHEST, scale));

/** Attribute names as React wants them. */
const CAMEL: Readonly<Record<string, string>> = {
  'stroke-width': 'strokeWidth',
  'stroke-dasharray': 'strokeDasharray',
  'text-anchor': 'textAnchor',
};

/** The whole door on one sheet: boxes, right-angled wires, live currents. Drag, wheel or keys move it. */
export function DiagramView({ door, live, wiring }: { door: DoorId; live: Live; wiring: Wiring }) {
  const plan = usePlan();
  const { id: lit, point } = useHighlight();
  const { model, layout, failed } = useDiagram(plan, door);
  const frame = useRef<HTMLDivElement>(null);
  const [view, setView] = useState<View | null>(null);
  const drag = useRef<{ x: number; y: number; view: View } | null>(null);

  const fit = useCallback(() => {
    const box = frame.current?.getBoundingClientRect();
    if (!box || !layout) return;
    const scale = clampScale(Math.min(box.width / layout.width, box.height / layout.height, 1.1));
    setView({
      scale,
      x: (layout.width - box.width / scale) / 2,
      y: Math.min(0, (layout.height - box.height / scale) / 2),
    });
  }, [layout]);
  const shown = view !== null;
  useEffect(() => {
    if (!layout || shown) return;
    fit();
    // Never so far away at first that the letters cannot be read: rather the sources, at the left, half way down.
    const tall = (frame.current?.clientHeight ?? 0) / LEGIBLE;
    const y = Math.max(-8, (layout.height - tall) / 2);
    setView((old) => old && (old.scale < LEGIBLE ? { x: -14, y, scale: LEGIBLE } : old));
  }, [layout, shown, fit]);

  /** Zooms so that the point under the pointer (or the middle) stays where it is. */
  const zoom = useCallback((factor: number, at?: { x: number; y: number }) => {
    const box = frame.current?.getBoundingClientRect();
    setView((old) => {
      if (!old || !box) return old;
      const scale = clampScale(old.scale * factor);
      const [px, py] = at ? [at.x - box.left, at.y - box.top] : [box.width / 2, box.height / 2];
      return { scale, x: old.x + px / old.scale - px / scale, y: old.y + py / old.scale - py / scale };
    });
  }, []);
  useEffect(() => {
    const element = frame.current;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      zoom(Math.exp(-event.deltaY * 0.0016), { x: event.clientX, y: event.clientY });
    };
    element?.addEventListener('wheel', wheel, { passive: false });
    return () => element?.removeEventListener('wheel', wheel);
  }, [zoom]);

  const keys = (event: React.KeyboardEvent) => {
    const step = 60 / (view?.scale ?? 1);
    const move = (dx: number, dy: number) =>
      setView((old) => old && { ...old, x: old.x + dx, y: old.y + dy });
    const acts: Readonly<Record<string, () => void>> = {
      '+': () => zoom(1.25),
      '=': () => zoom(1.25),
      '-': () => zoom(0.8),
      '0': fit,
      ArrowLeft: () => move(-step, 0),
      ArrowRight: () => move(step, 0),
      ArrowUp: () => move(0, -step),
      ArrowDown: () => move(0, step),
    };
    const act = acts[event.key];
    if (!act || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    act();
  };

  const tree = useMemo(
    () => (layout ? diagramTree(plan, model, layout, live) : []),
    [plan, model, layout, live],
  );
  const wireName = (id: string) => {
    const wire = plan.conductors[id];
    if (!wire) return id;
    const name = (terminal: TerminalId) => terminalLabel(plan, terminal, door);
    return say.to(
      wire.number,
      COLOUR_NAMES[wire.colour],
      name(wire.from),
      name(wire.to),
      formatAmps(Math.abs(live.ampsOf(id))),
    );
  };

  const render = (node: SvgNode, key: number): React.ReactNode => {
    const { tag, look, attributes, children, text, of } = node;
    const own = Object.fromEntries(
      Object.entries(attributes).map(([name, value]) => [CAMEL[name] ?? name, value]),
    );
    const on = of && (of.id === lit || (of.kind === 'wire' && of.id === wiring.chosenWire));
    const chosen = of?.kind === 'terminal' && wiring.chosenTerminal === of.id;
    const props: Record<string, unknown> = {
      ...own,
      key,
      className: cx(css[look], on && css['on'], chosen && css['chosen']),
    };
    if (of?.kind === 'wire') {
      Object.assign(props, {
        role: 'button',
        tabIndex: 0,
        'aria-label': wireName(of.id),
        'aria-pressed': wiring.chosenWire === of.id,
        'data-wire': of.id,
        onMouseEnter: () => point(of.id),
        onMouseLeave: () => point(null),
        onFocus: () => point(of.id),
        onBlur: () => point(null),
        onClick: () => wiring.chooseWire(wiring.chosenWire === of.id ? null : of.id),
        onKeyDown: (event: React.KeyboardEvent) => {
          if (event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          wiring.chooseWire(of.id);
        },
      });
    }
    if (of?.kind === 'terminal') {
      Object.assign(props, {
        role: 'button',
        tabIndex: 0,
        'aria-label': say.terminal(terminalLabel(plan, of.id, door)),
        'aria-pressed': chosen,
        onClick: () => wiring.chooseTerminal(of.id),
        onKeyDown: (event: React.KeyboardEvent) => {
          if (event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          wiring.chooseTerminal(of.id);
        },
      });
    }
    return createElement(tag, props, ...(children?.map(render) ?? []), text);
  };

  const file = (format: 'svg' | 'pdf') =>
    `/api/sites/${encodeURIComponent(plan.site.id)}/doors/${encodeURIComponent(door)}/diagram.${format}`;
  return (
    <div className={css['view']}>
      <div className={css['tools']}>
        <Button
          size="s"
          aria-label={say.closer}
          title={say.closer2}
          icon={<Plus aria-hidden />}
          onClick={() => zoom(1.25)}
        />
        <Button
          size="s"
          aria-label={say.farther}
          title={say.farther2}
          icon={<Minus aria-hidden />}
          onClick={() => zoom(0.8)}
        />
        <Button size="s" title={say.wholeDoor0} icon={<Maximize2 aria-hidden />} onClick={fit}>
          {say.wholeDoor}
        </Button>
        <span className={css['files']}>
          <a href={file('svg')} download>
            <Download size={14} aria-hidden /> {say.svg}
          </a>
          <a href={file('pdf')} download>
            <Download size={14} aria-hidden /> {say.pdf}
          </a>
        </span>
      </div>
      <div
        ref={frame}
        className={css['frame']}
        tabIndex={0}
        role="group"
        aria-label={say.diagramDevicesWiresPlus(door, model.nodes.length, model.edges.length)}
        onKeyDown={keys}
        onPointerDown={(event) => {
          const onThing = (event.target as Element).closest('[role=button]');
          if (onThing || !view) return;
          drag.current = { x: event.clientX, y: event.clientY, view };
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={(event) => {
          const from = drag.current;
          if (!from) return;
          const { scale } = from.view;
          setView({
            scale,
            x: from.view.x - (event.clientX - from.x) / scale,
            y: from.view.y - (event.clientY - from.y) / scale,
          });
        }}
        onPointerUp={() => (drag.current = null)}
        onPointerCancel={() => (drag.current = null)}
      >
        {layout ? (
          <svg className={css['drawing']} data-diagram="" width="100%" height="100%">
            <g transform={view ? `scale(${view.scale}) translate(${-view.x} ${-view.y})` : undefined}>
              {tree.map(render)}
            </g>
          </svg>
        ) : (
          <p className={css['wait']} role="status">
            {failed ? say.diagramCouldNotLaid : say.layingOutTheDiagram}
          </p>
        )}
      </div>
    </div>
  );
}
