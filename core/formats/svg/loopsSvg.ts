import { drawLoop, toSvg, type Live } from '../../drawing/index';
import { traceLoops } from '../../loops/index';
import type { DoorId, Plan } from '../../plan/index';

export interface LoopSvg {
  readonly letter: string;
  readonly kind: string;
  readonly svg: string;
  readonly width: number;
  readonly height: number;
}

/** Every loop of a door as an SVG document, lock power wide, the others narrow. */
export function loopsSvg(plan: Plan, door: DoorId, live?: Live): LoopSvg[] {
  const unit = plan.site.units === 'american' ? 'ft' : 'm';
  return traceLoops(plan, door).map((loop) => {
    const drawing = drawLoop(plan, loop, {
      width: loop.kind === 'lock-power' ? 760 : 340,
      unit,
      ...(live ? { live } : {}),
    });
    return {
      letter: loop.letter,
      kind: loop.kind,
      svg: toSvg(drawing, `${door} loop ${loop.letter}`),
      width: drawing.width,
      height: drawing.height,
    };
  });
}
