import Elk from 'elkjs/lib/elk.bundled.js';
import {
  diagramModel,
  diagramSvg,
  layoutGraph,
  liveView,
  readLayout,
  type LaidOut,
} from '#core/drawing/index';
import type { Door, Plan } from '#core/plan/index';
import { atRest, buildWorld, lockStatuses } from '#core/simulate/index';
import { HOLD_SHORT } from '#words/bench';
import { say } from '#words/server/diagram';

/** A door's diagram at rest as an SVG document, laid out as on the screen. */
export async function doorDiagram(
  plan: Plan,
  door: Door,
): Promise<{ svg: string; width: number; height: number }> {
  const model = diagramModel(plan, door.id);
  const layout = readLayout((await new Elk().layout(layoutGraph(model) as never)) as LaidOut);
  const world = buildWorld(plan, door.id);
  const { point, cut } = atRest(world);
  const live = liveView(world.netlist, point, cut, lockStatuses(world, point), HOLD_SHORT);
  const title = say.wiringDiagramAtRest(door.id, door.name);
  return { svg: diagramSvg(plan, model, layout, title, live), width: layout.width, height: layout.height };
}
