import { intercomConflicts, intercomSets, type IntercomSet } from '../intercom/index';
import { terminalId, type Edit } from '../plan/index';
import { doorHold, lockStatuses, stimulate } from '../simulate/index';
import { finder, onDevice, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const find = finder('W', 'wire');

/** Sets that have a device at this door. */
const setsHere = ({ plan, door }: CheckContext): IntercomSet[] =>
  intercomSets(plan).filter(({ supplies, answering, doorStations }) =>
    [...supplies, ...answering, ...doorStations].some(({ device }) => device.door === door.id),
  );

/** What keeps a set from working whatever its wires: channels, supplies. */
export const setConflicts: Check = (context) => {
  const { plan } = context;
  const tag = (id: string) => `${plan.devices[id]?.door ?? ''} ${plan.devices[id]?.tag ?? id}`.trim();
  return setsHere(context).flatMap((set) =>
    intercomConflicts(set).flatMap((conflict): Finding[] => {
      switch (conflict.kind) {
        case 'same-channel': {
          const at = conflict.devices.map(onDevice);
          const devices = conflict.devices.map(tag).join(', ');
          const used = new Set(set.doorStations.map(({ channel }) => channel));
          const free = [1, 2, 3, 4].find((channel) => !used.has(channel));
          const last = conflict.devices.at(-1)!;
          const remedy: { remedy?: Edit } = free
            ? { remedy: { kind: 'setSetting', device: last, setting: 'channel', value: free } }
            : {};
          return [
            find('channel-clash', 'fix', 'practice', at, { channel: conflict.channel, devices }, remedy),
          ];
        }
        case 'no-such-channel':
          return [
            find('channel-beyond', 'fix', 'rating', [onDevice(conflict.device)], {
              tag: tag(conflict.device),
              measured: conflict.channel,
              limit: conflict.most,
            }),
          ];
        case 'second-supply':
          return [
            find('intercom-second-supply', 'fix', 'practice', conflict.devices.map(onDevice), {
              devices: conflict.devices.map(tag).join(', '),
            }),
          ];
        case 'no-supply':
          return [find('intercom-no-supply', 'fix', 'practice', [], { name: set.name })];
        case 'no-answering':
          return [find('intercom-no-answer', 'fix', 'practice', [], { name: set.name })];
        case 'no-door-station':
          return [];
      }
    }),
  );
};

/** The jumper of a door station against the cores it has, and the line it is on against its channel. */
export const stationWiring: Check = (context) => {
  const { groupOf, wiresAt, door } = context;
  return setsHere(context).flatMap((set) =>
    set.doorStations.flatMap(({ device, pins, jumper, channel }): Finding[] => {
      if (device.door !== door.id) return [];
      const at = [onDevice(device.id)];
      const minus = wiresAt(terminalId(device.id, pins.minus)).length > 0;
      const common = wiresAt(terminalId(device.id, pins.common)).length > 0;
      const put = (value: 'in' | 'out'): { remedy: Edit } => ({
        remedy: { kind: 'setSetting', device: device.id, setting: pins.coresSetting, value },
      });
      const values = { tag: device.tag, channel };
      if (jumper === 'in' && minus && common)
        return [find('jumper-with-three-cores', 'fix', 'practice', at, values, put('out'))];
      if (jumper === 'out' && !minus && common)
        return [find('jumper-missing', 'fix', 'physics', at, values, put('in'))];
      const line = groupOf(terminalId(device.id, pins.line));
      const landedOn = set.answering.flatMap((station) =>
        station.pins.channels.flatMap(({ line: other }, index) =>
          groupOf(terminalId(station.device.id, other)) === line ? [index + 1] : [],
        ),
      );
      if (landedOn.length > 0 && !landedOn.includes(channel))
        return [
          find(
            'channel-line-differs',
            'fix',
            'physics',
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

/** The key of a channel must let the lock of its door go. */
export const keyReleases: Check = (context) => {
  const { world, rest, door, parts } = context;
  if (parts.locks.length === 0) return [];
  const before = doorHold(lockStatuses(world, rest.point));
  if (before !== 'held') return [];
  const released = (device: string, key?: string) => {
    const { state } = stimulate(world, rest, { kind: 'press', device, ...(key ? { key } : {}) });
    return doorHold(lockStatuses(world, state.point)) === 'free';
  };
  const sets = setsHere(context).flatMap((set) =>
    set.doorStations.flatMap(({ device, channel, relay }): Finding[] => {
      if (device.door !== door.id || set.answering.length === 0) return [];
      const works = set.answering.filter((one) => released(one.device.id, String(channel)));
      if (works.length === set.answering.length) return [];
      const silent = set.answering.find((one) => !works.includes(one))!.device;
      const values = { tag: silent.tag, channel, other: device.tag, relay: relay?.device.tag ?? '' };
      return [
        find('key-releases-nothing', 'fix', 'physics', [onDevice(device.id), onDevice(silent.id)], values),
      ];
    }),
  );
  const handsets = parts.intercoms.flatMap(({ device, type }): Finding[] =>
    type.roles.lockVoltage && !released(device.id)
      ? [
          find('key-releases-nothing', 'fix', 'physics', [onDevice(device.id)], {
            tag: device.tag,
            channel: 0,
            other: '',
            relay: '',
          }),
        ]
      : [],
  );
  return [...sets, ...handsets];
};

/** Two answering stations call each other only when the call terminal of each leads to the other's bell. */
export const callsCross: Check = (context) => {
  const { groupOf, wiresAt } = context;
  return setsHere(context).flatMap((set) => {
    if (set.answering.length < 2) return [];
    return set.answering.flatMap(({ device, pins }): Finding[] => {
      const call = terminalId(device.id, pins.call);
      if (wiresAt(call).length === 0) return [];
      const group = groupOf(call);
      const reaches = set.answering.some(
        (other) =>
          other.device.id !== device.id && groupOf(terminalId(other.device.id, other.pins.callIn)) === group,
      );
      return reaches
        ? []
        : [find('call-not-crossed', 'caution', 'practice', [onDevice(device.id)], { tag: device.tag })];
    });
  });
};

export const intercomChecks: readonly Check[] = [setConflicts, stationWiring, keyReleases, callsCross];
