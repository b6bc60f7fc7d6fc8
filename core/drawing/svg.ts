import type { Drawing, Shape } from './shapes';

/** Colours of a drawing on paper. The screen uses its own style sheet on the same shapes. */
const INK = '#1b2230';
const GREY = '#59606d';
const LIVE = '#e2a72e';
const FAULT = '#a5301f';

const TEXT: Record<Extract<Shape, { kind: 'text' }>['style'], string> = {
  tag: `font-family="B612 Mono, monospace" font-weight="700" font-size="12" fill="${INK}"`,
  name: `font-family="Archivo, sans-serif" font-size="11" fill="${GREY}"`,
  pin: `font-family="B612 Mono, monospace" font-size="11" fill="${INK}"`,
  wire: `font-family="B612 Mono, monospace" font-size="11" fill="${GREY}"`,
  reading: `font-family="B612 Mono, monospace" font-weight="700" font-size="13" fill="${INK}"`,
  figure: `font-family="B612 Mono, monospace" font-size="11" fill="${GREY}"`,
};

const escape = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

const n = (value: number): string => String(Math.round(value * 100) / 100);

/** Width of the amber band for a current, in drawing units: a hair at milliamps, 14 at two amps and more. */
export const bandWidth = (amps: number): number =>
  amps < 1e-4 ? 0 : Math.min(14, 6 + 5.6 * Math.sqrt(Math.min(amps, 2)));

/** A drawing as an SVG document. */
export function toSvg({ width, height, shapes }: Drawing, title: string): string {
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${n(width)} ${n(height)}" width="${n(width)}" height="${n(height)}" role="img">`,
    `<title>${escape(title)}</title>`,
    ...shapes.map(shapeSvg),
    '</svg>',
  ].join('\n');
}

function shapeSvg(shape: Shape): string {
  switch (shape.kind) {
    case 'wire': {
      const line = `x1="${n(shape.x1)}" y1="${n(shape.y1)}" x2="${n(shape.x2)}" y2="${n(shape.y2)}"`;
      const band = bandWidth(shape.amps);
      const halo =
        band > 0 ? `<line ${line} stroke="${LIVE}" stroke-opacity="0.42" stroke-width="${n(band)}"/>` : '';
      const dash = shape.cut ? ' stroke-dasharray="6 6"' : '';
      return `${halo}<line ${line} stroke="#2a2d33" stroke-width="4.6"${dash}/><line ${line} stroke="${shape.hex}" stroke-width="3"${dash}/>`;
    }
    case 'box': {
      const fill = shape.role === 'source' ? '#efece4' : '#ffffff';
      const weight = shape.role === 'lock' ? 2.2 : 1.2;
      return `<rect x="${n(shape.x)}" y="${n(shape.y)}" width="${n(shape.width)}" height="${n(shape.height)}" rx="3" fill="${fill}" stroke="${INK}" stroke-width="${weight}"/>`;
    }
    case 'contact':
      return contactPaths(shape)
        .map(
          ({ d, arm }) =>
            `<path d="${d}" fill="none" stroke="${arm && shape.live ? '#8a5a12' : INK}" stroke-width="${arm ? 3 : 2}" stroke-linecap="round"/>`,
        )
        .join('');
    case 'lead':
      return `<path d="M${shape.points.map(([x, y]) => `${n(x)},${n(y)}`).join(' L')}" fill="none" stroke="${INK}" stroke-width="2"/>`;
    case 'resistor':
      return `<rect x="${n(shape.x1)}" y="${n(shape.y - 6)}" width="${n(shape.x2 - shape.x1)}" height="12" fill="#ffffff" stroke="${INK}" stroke-width="2"/>`;
    case 'fuse': {
      const { body, wires } = fusePaths(shape);
      const ink = shape.blown ? FAULT : INK;
      return `<path d="${body}" fill="#ffffff" stroke="${INK}" stroke-width="1.6"/><path d="${wires}" fill="none" stroke="${ink}" stroke-width="2"/>`;
    }
    case 'gang':
      return `<line x1="${n(shape.x)}" y1="${n(shape.y1)}" x2="${n(shape.x)}" y2="${n(shape.y2)}" stroke="#8b8f97" stroke-dasharray="2 3"/>`;
    case 'gap':
      return `<line x1="${n(shape.x1)}" y1="${n(shape.y)}" x2="${n(shape.x2)}" y2="${n(shape.y)}" stroke="${FAULT}" stroke-width="2" stroke-dasharray="3 6"/>`;
    case 'terminal':
      return `<circle cx="${n(shape.x)}" cy="${n(shape.y)}" r="4.2" fill="#ffffff" stroke="${INK}" stroke-width="1.5"/>`;
    case 'text':
      return `<text x="${n(shape.x)}" y="${n(shape.y)}" text-anchor="${shape.anchor}" ${TEXT[shape.style]}>${escape(shape.text)}</text>`;
  }
}

/** A fuse: the tube, and the wire that runs through it or has parted in its middle. */
export function fusePaths({ x1, x2, y, blown }: Extract<Shape, { kind: 'fuse' }>): {
  body: string;
  wires: string;
} {
  const middle = (x1 + x2) / 2;
  const [left, right] = [middle - 20, middle + 20];
  const body = `M${n(left)},${n(y - 6)} H${n(right)} V${n(y + 6)} H${n(left)} Z`;
  const wires = blown
    ? `M${n(x1)},${n(y)} H${n(middle - 8)} M${n(middle + 8)},${n(y)} H${n(x2)}`
    : `M${n(x1)},${n(y)} H${n(x2)}`;
  return { body, wires };
}

/** Paths of a contact: fixed leads, and the arm that lies on its stop when closed and stands off when open. */
export function contactPaths(shape: Extract<Shape, { kind: 'contact' }>): { d: string; arm: boolean }[] {
  const { x1, y1, x2, y2, closed } = shape;
  if (x1 === x2) {
    const tip = closed ? `${n(x1)},${n(y2)}` : `${n(x1 + 13)},${n(y2 + 3)}`;
    return [{ d: `M${n(x1)},${n(y1)} L${tip}`, arm: true }];
  }
  const [a, b] = [x1 + 24, x2 - 24];
  const tip = closed ? `${n(b + 3)},${n(y2 - 5)}` : `${n(b - 3)},${n(y2 - 16)}`;
  return [
    {
      d: `M${n(x1 + 4)},${n(y1)} H${n(a)} M${n(b)},${n(y2)} H${n(x2 - 4)} M${n(b)},${n(y2)} V${n(y2 - 7)}`,
      arm: false,
    },
    { d: `M${n(a)},${n(y1)} L${tip}`, arm: true },
  ];
}
