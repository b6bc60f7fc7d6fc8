import { terminalOf } from '../specimens/terminalOf';
import Elk from 'elkjs/lib/elk.bundled.js';
import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf, deviceOf, type Plan } from '../plan/index';
import {
  BUSY_LOBBY,
  lobbyDoor,
  magnetDoor,
  MAGNET_BRIEF,
  mustApply,
  STRIKE_BRIEF,
  wiredDoor,
} from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import { NUMBER_HEIGHT, placeNumbers, type Way } from './wireNumbers';
import { diagramModel, diagramSvg, layoutGraph, readLayout, type DiagramLayout, type LaidOut } from './index';

const elk = new Elk();
const demo = quillhaven();
const lay = async (plan: Plan, before?: DiagramLayout): Promise<DiagramLayout> =>
  readLayout((await elk.layout(layoutGraph(diagramModel(plan, 'D01'), before) as never)) as LaidOut);

describe('the diagram of a door', () => {
  it.each(HARDWARE_SETS.map(({ id, electricalEgress }) => [id, electricalEgress] as const))(
    'of %s shows every wire at right angles, from terminal to terminal, and no box on another',
    async (id, egress) => {
      const plan = wiredDoor(id, egress ? MAGNET_BRIEF : STRIKE_BRIEF);
      const model = diagramModel(plan, 'D01');
      const layout = await lay(plan);
      for (const wire of conductorsOf(plan, 'D01')) {
        const way = layout.ways[wire.id] ?? [];
        expect(way.length).toBeGreaterThan(1);
        for (let i = 0; i + 1 < way.length; i += 1) {
          const [[x1, y1], [x2, y2]] = [way[i]!, way[i + 1]!];
          expect(Math.min(Math.abs(x1 - x2), Math.abs(y1 - y2))).toBeLessThan(0.01);
        }
        const port = model.nodes.flatMap((node) =>
          node.ports.map((one) => ({
            one,
            x: layout.places[node.device]!.x + (one.side === 'right' ? node.width : 0),
            y: layout.places[node.device]!.y + one.y,
          })),
        );
        const edge = model.edges.find(({ conductor }) => conductor === wire.id)!;
        const start = port.find(({ one }) => one.id === edge.from)!;
        expect([way[0]![0], way[0]![1]]).toEqual([start.x, start.y]);
      }
      for (const [i, a] of model.nodes.entries()) {
        for (const b of model.nodes.slice(i + 1)) {
          const [p, q] = [layout.places[a.device]!, layout.places[b.device]!];
          const apart =
            p.x + a.width <= q.x || q.x + b.width <= p.x || p.y + a.height <= q.y || q.y + b.height <= p.y;
          expect([a.tag, b.tag, apart]).toEqual([a.tag, b.tag, true]);
        }
      }
    },
  );

  const forty = lobbyDoor(...BUSY_LOBBY);
  it.each([
    ...['D01', 'D06', 'D09', 'D10', 'D12'].map((door) => ({ site: 'demo', door, plan: demo })),
    { site: 'forty wires', door: 'D01', plan: forty },
  ])(
    'gives every number of $site $door a place on its own wire, clear of boxes, numbers and other wires',
    async ({ door, plan }) => {
      const model = diagramModel(plan, door);
      const { ways, places: at } = readLayout((await elk.layout(layoutGraph(model) as never)) as LaidOut);
      const wires = conductorsOf(plan, door).map(({ id, number }) => ({ id, number, way: ways[id]! }));
      const places = placeNumbers(
        wires,
        model.nodes.map(({ device, width, height }) => {
          const { x, y } = at[device]!;
          return { left: x, top: y, right: x + width, bottom: y + height };
        }),
      );
      expect(places.size).toBe(wires.length);
      const boxes = wires.map(({ id }) => {
        const { x, y, width, upright } = places.get(id)!;
        const [w, h] = upright ? [NUMBER_HEIGHT, width] : [width, NUMBER_HEIGHT];
        return [x - w / 2, y - h / 2, x + w / 2, y + h / 2] as const;
      });
      let crossed = 0;
      for (const [i, [left, top, right, bottom]] of boxes.entries()) {
        for (const [l, t, rr, b] of boxes.slice(i + 1))
          expect(left < rr && l < right && top < b && t < bottom).toBe(false);
        const over = (way: Way) =>
          way
            .slice(1)
            .some(
              ([x2, y2], k) =>
                Math.min(way[k]![0], x2) < right &&
                Math.max(way[k]![0], x2) > left &&
                Math.min(way[k]![1], y2) < bottom &&
                Math.max(way[k]![1], y2) > top,
            );
        for (const { device, width, height } of model.nodes) {
          const { x, y } = at[device]!;
          expect(left < x + width && x < right && top < y + height && y < bottom).toBe(false);
        }
        // A jumper between neighbouring terminals is too short: its number stands beside it.
        const { from, to } = plan.conductors[wires[i]!.id]!;
        if (deviceOf(from) !== deviceOf(to)) expect(over(wires[i]!.way)).toBe(true);
        if (wires.some(({ way }, k) => k !== i && over(way))) crossed += 1;
      }
      // A short wire between many others may have no clear place at all.
      expect(crossed / wires.length).toBeLessThanOrEqual(0.12);
    },
  );

  it('keeps every box in its layer and order when one wire is added', async () => {
    const plan = magnetDoor();
    const before = await lay(plan);
    const more = mustApply(plan, {
      kind: 'connect',
      conductor: {
        id: 'D01/W90',
        door: 'D01',
        number: 'W90',
        from: terminalOf('D01/K1.NO2'),
        to: terminalOf('D01/X1.NC'),
        colour: 'PK',
        gauge: mm2(0.5),
        length: metres(4),
        cable: '',
        origin: 'hand',
        assumed: [],
      },
    });
    const after = await lay(more, before);
    const columns = (layout: DiagramLayout) =>
      Object.entries(layout.places)
        .sort(([, a], [, b]) => a.x - b.x || a.y - b.y)
        .map(([id]) => id);
    expect(columns(after)).toEqual(columns(before));
  });

  it('is written as SVG with every wire number and tag, and no text as markup', async () => {
    const plan = magnetDoor();
    const model = diagramModel(plan, 'D01');
    const svg = diagramSvg(plan, model, await lay(plan), 'A <door>');
    expect(svg).toContain('A &lt;door&gt;');
    for (const { number } of conductorsOf(plan, 'D01')) expect(svg).toContain(`>${number}<`);
    for (const { tag } of model.nodes) expect(svg).toContain(`>${tag}<`);
  });
});
