import { doorHold, lockStatuses, stimulate } from '../../simulate/index';
import { setsHere } from '../analyses/setsHere';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** The key of a channel must let the lock of its door go. */
const keyReleases: Analysis = (context) => {
  const { world, rest, door, parts } = context;
  if (parts.locks.length === 0) return [];
  const before = doorHold(lockStatuses(world, rest.point));
  if (before !== 'held') return [];
  const released = (device: string, key?: string) => {
    const { state } = stimulate(world, rest, { kind: 'press', device, ...(key ? { key } : {}) });
    return doorHold(lockStatuses(world, state.point)) === 'free';
  };
  const sets = setsHere(context).flatMap((set) =>
    set.doorStations.flatMap(({ device, channel, relay }): Violation[] => {
      if (device.door !== door.id || set.answering.length === 0) return [];
      const works = set.answering.filter((one) => released(one.device.id, String(channel)));
      if (works.length === set.answering.length) return [];
      const silent = set.answering.find((one) => !works.includes(one))!.device;
      const values = { tag: silent.tag, channel, other: device.tag, relay: relay?.device.tag ?? '' };
      return [violation('key-releases-nothing', [onDevice(device.id), onDevice(silent.id)], values)];
    }),
  );
  const handsets = parts.intercoms.flatMap(({ device, type }): Violation[] =>
    type.roles.lockVoltage && !released(device.id)
      ? [
          violation('key-releases-nothing', [onDevice(device.id)], {
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

export const keyReleasesNothing = rule({
  code: 'key-releases-nothing',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: keyReleases,
});
