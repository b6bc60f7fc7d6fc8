import { SYMBOLS } from '../devices/index';
import type { Plan } from '../plan/index';
import { COLOURS } from '../units/index';
import type { DiagramLayout, DiagramModel, DiagramNode } from './diagram';
import type { Live } from './shapes';
import { bandWidth } from './svg';

/** A drawing as a tree of plain elements: the screen renders it, the export writes it out. */
export interface SvgNode {
  readonly tag: 'g' | 'path' | 'rect' | 'text' | 'circle';
  /** Names of the screen's style sheet; the export has its own colours for them. */
  readonly look: Look;
  readonly attributes: Readonly<Record<string, string | number>>;
  readonly children?: readonly SvgNode[];
  readonly text?: string;
  /** What it stands for, so that the screen can point at it. */
  readonly of?: { readonly kind: 'wire' | 'device' | 'terminal'; readonly id: string };
}

export type Look =
  | 'wire'
  | 'halo'
  | 'edge'
  | 'core'
  | 'hit'
  | 'box'
  | 'lockBox'
  | 'symbol'
  | 'tag'
  | 'name'
  | 'pin'
  | 'pinRight'
  | 'dot'
  | 'number'
  | 'numberBack'
  | 'reading'
  | 'device'
  | 'unused';

const node = (
  tag: SvgNode['tag'],
  look: Look,
  attributes: SvgNode['attributes'],
  rest: Pick<SvgNode, 'children' | 'text' | 'of'> = {},
): SvgNode => ({ tag, look, attributes, ...rest });

const r = (value: number) => Math.round(value * 10) / 10;
const pathOf = (points: readonly (readonly [number, number])[]) =>
  `M${points.map(([x, y]) => `${r(x)},${r(y)}`).join(' L')}`;

/** The laid-out diagram: wires first, boxes above them, each wire with its number on its longest level piece. */
export function diagramTree(
  plan: Plan,
  model: DiagramModel,
  layout: DiagramLayout,
  live?: Live,
): readonly SvgNode[] {
  const wires = model.edges.flatMap(({ conductor }): SvgNode[] => {
    const points = layout.ways[conductor];
    const wire = plan.conductors[conductor];
    if (!points || points.length < 2 || !wire) return [];
    const d = pathOf(points);
    const amps = Math.abs(live?.ampsOf(conductor) ?? 0);
    return [
      node(
        'g',
        'wire',
        {},
        {
          of: { kind: 'wire', id: conductor },
          children: [
            node('path', 'halo', { d, 'stroke-width': live?.isCut(conductor) ? 0 : r(bandWidth(amps)) }),
            node('path', 'edge', { d, ...(live?.isCut(conductor) ? { 'stroke-dasharray': '9 7' } : {}) }),
            node('path', 'core', { d, stroke: COLOURS[wire.colour].hex }),
            node('path', 'hit', { d }),
            ...numberOf(wire.number, points),
          ],
        },
      ),
    ];
  });
  const boxes = model.nodes.flatMap((one) => {
    const place = layout.places[one.device];
    return place ? [boxOf(one, place, live)] : [];
  });
  return [...wires, ...boxes];
}

/**
 * The number stands on the longest piece, level ones before upright ones, with paper behind it so that crossings do
 * not strike it out.
 */
function numberOf(text: string, points: readonly (readonly [number, number])[]): SvgNode[] {
  let best: { x: number; y: number; length: number } | null = null;
  for (let i = 0; i + 1 < points.length; i += 1) {
    const [x1, y1] = points[i]!;
    const [x2, y2] = points[i + 1]!;
    const length = Math.abs(x2 - x1) + 0.6 * Math.abs(y2 - y1);
    if (length > (best?.length ?? 0)) best = { x: (x1 + x2) / 2, y: (y1 + y2) / 2, length };
  }
  if (!best) return [];
  const width = text.length * 6.6 + 6;
  return [
    node('rect', 'numberBack', {
      x: r(best.x - width / 2),
      y: r(best.y - 7),
      width: r(width),
      height: 14,
      rx: 3,
    }),
    node('text', 'number', { x: r(best.x), y: r(best.y + 4), 'text-anchor': 'middle' }, { text }),
  ];
}

function boxOf(one: DiagramNode, { x, y }: { x: number; y: number }, live?: Live): SvgNode {
  const at = `translate(${r(x)} ${r(y)})`;
  const readings = live ? readingOf(one, live) : [];
  return node(
    'g',
    'device',
    { transform: at },
    {
      of: { kind: 'device', id: one.device },
      children: [
        node('rect', one.family === 'lock' ? 'lockBox' : 'box', {
          width: one.width,
          height: one.height,
          rx: 3,
        }),
        node('path', 'symbol', { d: SYMBOLS[one.symbol], transform: 'translate(8 9)' }),
        node('text', 'tag', { x: 38, y: 19 }, { text: one.tag }),
        node('text', 'name', { x: 38, y: 33 }, { text: one.name }),
        ...readings,
        ...one.ports.flatMap((port): SvgNode[] => {
          const right = port.side === 'right';
          const pin = port.terminal.slice(port.terminal.lastIndexOf('.') + 1);
          return [
            node(
              'circle',
              'dot',
              { cx: right ? one.width : 0, cy: port.y, r: 4 },
              {
                of: { kind: 'terminal', id: port.terminal },
              },
            ),
            node(
              'text',
              right ? 'pinRight' : 'pin',
              { x: right ? one.width - 9 : 9, y: port.y + 4, ...(right ? { 'text-anchor': 'end' } : {}) },
              { text: pin.replace('-', '−') },
            ),
          ];
        }),
      ],
    },
  );
}

/** A lock says what it does. */
function readingOf(one: DiagramNode, live: Live): SvgNode[] {
  const lines = live.figures(one.device, '');
  return lines.slice(0, 1).map((text) => node('text', 'reading', { x: 38, y: 45 }, { text }));
}

const PAPER: Record<Look, string> = {
  wire: '',
  device: '',
  halo: 'fill="none" stroke="#e2a72e" stroke-opacity="0.42" stroke-linejoin="round"',
  edge: 'fill="none" stroke="#2a2d33" stroke-width="4.4" stroke-linejoin="round"',
  core: 'fill="none" stroke-width="2.8" stroke-linejoin="round"',
  hit: 'fill="none"',
  box: 'fill="#ffffff" stroke="#1b2230" stroke-width="1.2"',
  lockBox: 'fill="#ffffff" stroke="#1b2230" stroke-width="2.4"',
  symbol: 'fill="none" stroke="#1b2230" stroke-width="1.4" stroke-linecap="round" stroke-linejoin="round"',
  tag: 'font-family="B612 Mono, monospace" font-weight="700" font-size="13" fill="#1b2230"',
  name: 'font-family="Archivo, sans-serif" font-size="11" fill="#59606d"',
  pin: 'font-family="B612 Mono, monospace" font-size="11" fill="#1b2230"',
  pinRight: 'font-family="B612 Mono, monospace" font-size="11" fill="#1b2230"',
  dot: 'fill="#ffffff" stroke="#1b2230" stroke-width="1.4"',
  number: 'font-family="B612 Mono, monospace" font-size="10.5" fill="#1b2230"',
  numberBack: 'fill="#ffffff"',
  reading: 'font-family="B612 Mono, monospace" font-size="11" fill="#1b2230"',
  unused: 'font-family="Archivo, sans-serif" font-size="11" fill="#59606d"',
};

const escape = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

function write({ tag, look, attributes, children, text }: SvgNode): string {
  // A cut wire or a wire without current has no band at all.
  if (look === 'hit' || (look === 'halo' && attributes['stroke-width'] === 0)) return '';
  const own = Object.entries(attributes)
    .map(([name, value]) => ` ${name}="${escape(String(value))}"`)
    .join('');
  const inside = `${children?.map(write).join('') ?? ''}${text === undefined ? '' : escape(text)}`;
  return `<${tag} ${PAPER[look]}${own}>${inside}</${tag}>`;
}

/** The diagram as an SVG document on white paper. */
export function diagramSvg(
  plan: Plan,
  model: DiagramModel,
  layout: DiagramLayout,
  title: string,
  live?: Live,
): string {
  const { width, height } = layout;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}" role="img">`,
    `<title>${escape(title)}</title>`,
    ...diagramTree(plan, model, layout, live).map(write),
    '</svg>',
  ].join('\n');
}
