import type { InputReading } from '../circuit/index';
import type { SimState, World } from '../simulate/index';

/** How a fire or alarm panel sees a line that it watches: its resistor, a short, or neither; dead where the panel is not fed. */
export type LineReading = 'normal' | 'alarm' | 'trouble' | 'dead';

export interface PanelLine {
  readonly device: string;
  readonly tag: string;
  /** Branch id of its input: `device:part`. */
  readonly input: string;
}

const known = new WeakMap<World['inhabitants'], readonly PanelLine[]>();

/** Alarm lines that devices of this door watch. */
export function panelLines({ inhabitants, door }: World): readonly PanelLine[] {
  const before = known.get(inhabitants);
  if (before) return before;
  const found = inhabitants.flatMap(({ device, type }): PanelLine[] => {
    const role = type.roles.alarmInput;
    const part = role && type.parts.find((one) => one.kind === 'input' && one.a === role.input);
    return part && device.door === door.id
      ? [{ device: device.id, tag: device.tag, input: `${device.id}:${part.id}` }]
      : [];
  });
  known.set(inhabitants, found);
  return found;
}

const READS: Readonly<Record<InputReading, LineReading>> = {
  closed: 'alarm',
  open: 'normal',
  unsure: 'trouble',
  trouble: 'trouble',
  dead: 'dead',
};

export const lineReading = ({ input }: PanelLine, { readings }: Pick<SimState, 'readings'>): LineReading =>
  READS[readings.get(input) ?? 'dead'];

/** All that somebody is told of in a state: alarms of the door, and each watched line that is not normal. In a fixed order. */
export function toldOf(world: World, state: SimState): string[] {
  const lines = panelLines(world).flatMap((line) => {
    const reads = lineReading(line, state);
    return reads === 'normal' ? [] : [`line:${line.tag}:${reads}`];
  });
  return [...[...state.alarms].sort(), ...lines];
}
