import { doorDevices } from '../door/index';
import { panelLines } from '../prove/index';
import type { CheckContext } from '../checks/index';
import { yes, type CheckItem } from './checkItem';

/** The watched alarm lines of a door in their three states: normal, alarm at each station, trouble with a wire off. */
export function panelTests({ world }: CheckContext): CheckItem[] {
  const stations = doorDevices(world, 'breakGlass').filter(({ type }) => type.roles.alarmContact);
  return panelLines(world).flatMap(({ device, tag }): CheckItem[] => [
    yes(`line:${device}`, 'line-normal', { tag }),
    ...stations.map((station) =>
      yes(`line:${device}:${station.device.id}`, 'line-alarm', { tag, by: station.device.tag }),
    ),
    yes(`line-trouble:${device}`, 'line-trouble', { tag }),
  ]);
}
