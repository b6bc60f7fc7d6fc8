import type { TerminalId } from '#core/plan/index';
import { bandWidth, contactPaths, fusePaths, type Drawing, type Shape } from '#core/drawing/index';
import { say } from '#words/parts/loops/LoopDrawing';
import { cx } from '../../ui/cx';
import css from './LoopDrawing.module.css';

/** How a wire stands in a proposal: where it is wrong now, or where it would lie. */
export type WireMark = 'wrong' | 'right';

interface Props {
  readonly drawing: Drawing;
  readonly title: string;
  /** Wire, device or terminal pointed at somewhere else. */
  readonly lit: string | null;
  readonly chosenWire: string | null;
  readonly chosenTerminal: TerminalId | null;
  markOf?(id: string): WireMark | null;
  /** What a screen reader says of a wire. */
  wireName(id: string): string;
  terminalName(id: TerminalId): string;
  onWire(id: string): void;
  onTerminal(id: TerminalId): void;
  onPoint(id: string | null): void;
}

/** A loop on the screen. Wires and terminals can be chosen by pointer or key. */
export function LoopDrawing(props: Props) {
  const { drawing, title } = props;
  // Boxes first, wires above them, terminals on top.
  const order: Shape['kind'][] = [
    'box',
    'gang',
    'wire',
    'gap',
    'lead',
    'resistor',
    'fuse',
    'contact',
    'text',
    'terminal',
  ];
  const shapes = [...drawing.shapes].sort((a, b) => order.indexOf(a.kind) - order.indexOf(b.kind));
  return (
    <svg
      className={css['drawing']}
      viewBox={`0 0 ${drawing.width} ${drawing.height}`}
      width={drawing.width}
      height={drawing.height}
      role="group"
      aria-label={title}
    >
      {shapes.map((shape, index) => (
        <ShapeView key={keyOf(shape, index)} shape={shape} {...props} />
      ))}
    </svg>
  );
}

const keyOf = (shape: Shape, index: number): string => `${shape.kind}-${index}`;

const press = (run: () => void) => ({
  onClick: run,
  onKeyDown: (event: React.KeyboardEvent) => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    run();
  },
});

function ShapeView({
  shape,
  lit,
  chosenWire,
  chosenTerminal,
  markOf,
  wireName,
  terminalName,
  onWire,
  onTerminal,
  onPoint,
}: Props & { shape: Shape }) {
  switch (shape.kind) {
    case 'wire': {
      const line = { x1: shape.x1, y1: shape.y1, x2: shape.x2, y2: shape.y2 };
      const band = bandWidth(shape.amps);
      const id = shape.conductor;
      const mark = markOf?.(id) ?? null;
      return (
        <g
          className={cx(
            css['wire'],
            lit === id && css['lit'],
            chosenWire === id && css['chosen'],
            shape.cut && css['cut'],
            mark && css[mark],
          )}
          role="button"
          tabIndex={0}
          aria-label={wireName(id)}
          aria-pressed={chosenWire === id}
          data-wire={id}
          onMouseEnter={() => onPoint(id)}
          onMouseLeave={() => onPoint(null)}
          onFocus={() => onPoint(id)}
          onBlur={() => onPoint(null)}
          {...press(() => onWire(id))}
        >
          <line {...line} className={css['halo']} strokeWidth={shape.cut ? 0 : band} />
          <line {...line} className={css['edge']} />
          <line {...line} stroke={shape.hex} strokeWidth={3} className={css['core']} />
          <rect
            x={shape.x1}
            y={shape.y1 - 10}
            width={Math.max(0, shape.x2 - shape.x1)}
            height={20}
            className={css['hit']}
          />
          {shape.cut && (
            <path className={css['snip']} d={`M${(shape.x1 + shape.x2) / 2 - 5},${shape.y1 + 8} l10,-16`} />
          )}
        </g>
      );
    }
    case 'box':
      return (
        <rect
          x={shape.x}
          y={shape.y}
          width={shape.width}
          height={shape.height}
          rx={3}
          className={cx(css['box'], css[shape.role], lit === shape.device && css['litBox'])}
        />
      );
    case 'contact':
      return (
        <g>
          {contactPaths(shape).map(({ d, arm }) => (
            <path
              key={d}
              d={d}
              className={cx(css['blade'], arm && css['arm'], arm && shape.live && css['live'])}
            />
          ))}
          {shape.x1 !== shape.x2 && (
            <circle cx={shape.x1 + 24} cy={shape.y1} r={2.6} className={css['pivot']} />
          )}
        </g>
      );
    case 'lead':
      return <path d={`M${shape.points.map((p) => p.join(',')).join(' L')}`} className={css['blade']} />;
    case 'resistor':
      return (
        <rect
          x={shape.x1}
          y={shape.y - 6}
          width={shape.x2 - shape.x1}
          height={12}
          className={css['resistor']}
        />
      );
    case 'fuse': {
      const { body, wires } = fusePaths(shape);
      return (
        <g>
          <path d={body} className={css['resistor']} />
          <path d={wires} className={cx(css['blade'], shape.blown && css['parted'])} />
        </g>
      );
    }
    case 'gang':
      return <line x1={shape.x} x2={shape.x} y1={shape.y1} y2={shape.y2} className={css['gang']} />;
    case 'gap':
      return (
        <g>
          <line x1={shape.x1} x2={shape.x2} y1={shape.y} y2={shape.y} className={css['gap']} />
          <text x={(shape.x1 + shape.x2) / 2} y={shape.y - 9} textAnchor="middle" className={css['gapText']}>
            {say.open}
          </text>
        </g>
      );
    case 'terminal': {
      const id = shape.terminal;
      return (
        <g
          className={cx(
            css['terminal'],
            chosenTerminal === id && css['chosenTerminal'],
            lit === id && css['litTerminal'],
          )}
          role="button"
          tabIndex={0}
          aria-label={say.terminal(terminalName(id))}
          aria-pressed={chosenTerminal === id}
          {...press(() => onTerminal(id))}
        >
          <circle cx={shape.x} cy={shape.y} r={12} className={css['hit']} />
          <circle cx={shape.x} cy={shape.y} r={4.4} className={css['dot']} />
        </g>
      );
    }
    case 'text':
      return (
        <text
          x={shape.x}
          y={shape.y}
          textAnchor={shape.anchor}
          className={css[shape.style === 'wire' ? 'wireText' : shape.style]}
        >
          {shape.text}
        </text>
      );
  }
}
