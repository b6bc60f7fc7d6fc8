import { type Edit, terminalId } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, hit, type Hit } from '../hit';
import { setsHere } from './setsHere';

/** The jumper of a door station against the cores it has, and the line it is on against its channel. */
export const stationWiring: Analysis = (context) => {
  const { groupOf, wiresAt, door } = context;
  return setsHere(context).flatMap((set) =>
    set.doorStations.flatMap(({ device, pins, jumper, channel }): Hit[] => {
      if (device.door !== door.id) return [];
      const at = [onDevice(device.id)];
      const minus = wiresAt(terminalId(device.id, pins.minus)).length > 0;
      const common = wiresAt(terminalId(device.id, pins.common)).length > 0;
      const put = (value: 'in' | 'out'): { remedy: Edit } => ({
        remedy: { kind: 'setSetting', device: device.id, setting: pins.coresSetting, value },
      });
      const values = { tag: device.tag, channel };
      if (jumper === 'in' && minus && common) return [hit('jumper-with-three-cores', at, values, put('out'))];
      if (jumper === 'out' && !minus && common) return [hit('jumper-missing', at, values, put('in'))];
      const line = groupOf(terminalId(device.id, pins.line));
      const landedOn = set.answering.flatMap((station) =>
        station.pins.channels.flatMap(({ line: other }, index) =>
          groupOf(terminalId(station.device.id, other)) === line ? [index + 1] : [],
        ),
      );
      if (landedOn.length > 0 && !landedOn.includes(channel))
        return [
          hit(
            'channel-line-differs',
            at,
            { ...values, measured: landedOn[0]! },
            {
              remedy: {
                kind: 'setSetting',
                device: device.id,
                setting: pins.channelSetting,
                value: landedOn[0]!,
              },
            },
          ),
        ];
      return [];
    }),
  );
};
