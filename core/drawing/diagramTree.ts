import { SYMBOLS } from '../devices/index';
import type { TerminalId, Plan } from '../plan/index';
import { COLOURS } from '../units/index';
import type { DiagramLayout, DiagramModel, DiagramNode } from './diagram';
import type { Live } from './shapes';
import { bandWidth } from './svg';
import { NUMBER_HEIGHT, placeNumbers, type NumberPlace } from './wireNumbers';

/** A drawing as a tree of plain elements: the screen renders it, the export writes it out. */
export interface SvgNode {
  readonly tag: 'g' | 'path' | 'rect' | 'text' | 'circle';
  /** Names of the screen's style sheet; the export has its own colours for them. */
  readonly look: Look;
  readonly attributes: Readonly<Record<string, string | number>>;
  readonly children?: readonly SvgNode[];
  readonly text?: string;
  /** What it stands for, so that the screen can point at it. */
  readonly of?:
    | { readonly kind: 'wire' | 'device'; readonly id: string }
    | { readonly kind: 'terminal'; readonly id: TerminalId };
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

/** The laid-out diagram: wires first, their numbers above all of them, then the boxes. */
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
          ],
        },
      ),
    ];
  });
  const boxes = model.nodes.flatMap((one) => {
    const place = layout.places[one.device];
    return place ? [boxOf(one, place, live)] : [];
  });
  const places = placeNumbers(
    model.edges.flatMap(({ conductor }) => {
      const way = layout.ways[conductor];
      const number = plan.conductors[conductor]?.number;
      return way && way.length > 1 && number ? [{ id: conductor, number, way }] : [];
    }),
    model.nodes.flatMap(({ device, width, height }) => {
      const { x, y } = layout.places[device] ?? {};
      return x === undefined || y === undefined
        ? []
        : [{ left: x - 5, top: y, right: x + width + 5, bottom: y + height }];
    }),
  );
  const numbers = [...places].flatMap(([id, place]) => numberOf(plan.conductors[id]!.number, place));
  return [...wires, ...numbers, ...boxes];
}

/** The number on its wire, with paper behind it; an upright one reads from below. */
function numberOf(text: string, { x, y, width, upright }: NumberPlace): SvgNode[] {
  const turn: SvgNode['attributes'] = upright ? { transform: `rotate(-90 ${r(x)} ${r(y)})` } : {};
  const back = {
    x: r(x - width / 2),
    y: r(y - NUMBER_HEIGHT / 2),
    width: r(width),
    height: NUMBER_HEIGHT,
    rx: 3,
  };
  return [
    node('rect', 'numberBack', { ...back, ...turn }),
    node('text', 'number', { x: r(x), y: r(y + 4), 'text-anchor': 'middle', ...turn }, { text }),
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
