import { intercomConflicts } from '../../intercom/index';
import type { Edit } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, hit, type Hit } from '../hit';
import { setsHere } from './setsHere';

/** What keeps a set from working whatever its wires: channels, supplies. */
export const setConflicts: Analysis = (context) => {
  const { plan } = context;
  const tag = (id: string) => `${plan.devices[id]?.door ?? ''} ${plan.devices[id]?.tag ?? id}`.trim();
  return setsHere(context).flatMap((set) =>
    intercomConflicts(set).flatMap((conflict): Hit[] => {
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
          return [hit('channel-clash', at, { channel: conflict.channel, devices }, remedy)];
        }
        case 'no-such-channel':
          return [
            hit('channel-beyond', [onDevice(conflict.device)], {
              tag: tag(conflict.device),
              measured: conflict.channel,
              limit: conflict.most,
            }),
          ];
        case 'second-supply':
          return [
            hit('intercom-second-supply', conflict.devices.map(onDevice), {
              devices: conflict.devices.map(tag).join(', '),
            }),
          ];
        case 'no-supply':
          return [hit('intercom-no-supply', [], { name: set.name })];
        case 'no-answering':
          return [hit('intercom-no-answer', [], { name: set.name })];
        case 'no-door-station':
          return [];
      }
    }),
  );
};
