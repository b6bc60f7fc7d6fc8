import { intercomConflicts, intercomSets, wireIntercom, type IntercomSet } from '../../intercom/index';
import { applyEdit, type Edit, type Plan } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { setsHere } from './setsHere';

/**
 * One of the clashing stations on a free channel, and the set wired for it: the setting alone would leave it on the line of the
 * other, which is the next conflict.
 */
function freeChannel(plan: Plan, set: IntercomSet, clashing: readonly string[]): { remedy?: Edit } {
  const used = new Set(set.doorStations.map(({ channel }) => channel));
  const free = [1, 2, 3, 4].find((channel) => !used.has(channel));
  const last = set.doorStations.find(({ device }) => device.id === clashing.at(-1));
  if (free === undefined || !last) return {};
  const put: Edit = {
    kind: 'setSetting',
    device: last.device.id,
    setting: last.pins.channelSetting,
    value: free,
  };
  const after = applyEdit(plan, put);
  const moved = after.ok ? intercomSets(after.plan).find(({ name }) => name === set.name) : undefined;
  const wiring = after.ok && moved ? wireIntercom(after.plan, moved) : null;
  if (!wiring?.ok) return { remedy: put };
  return { remedy: { kind: 'batch', label: 'a channel of its own', edits: [put, wiring.edit] } };
}

/** What keeps a set from working whatever its wires: channels, supplies. */
export const setConflicts: Analysis = (context) => {
  const { plan } = context;
  const tag = (id: string) => `${plan.devices[id]?.door ?? ''} ${plan.devices[id]?.tag ?? id}`.trim();
  return setsHere(context).flatMap((set) =>
    intercomConflicts(set).flatMap((conflict): Violation[] => {
      switch (conflict.kind) {
        case 'same-channel': {
          const at = conflict.devices.map(onDevice);
          const devices = conflict.devices.map(tag).join(', ');
          const remedy = freeChannel(plan, set, conflict.devices);
          return [violation('channel-clash', at, { channel: conflict.channel, devices }, remedy)];
        }
        case 'no-such-channel':
          return [
            violation('channel-beyond', [onDevice(conflict.device)], {
              tag: tag(conflict.device),
              measured: conflict.channel,
              limit: conflict.most,
            }),
          ];
        case 'second-supply':
          return [
            violation('intercom-second-supply', conflict.devices.map(onDevice), {
              devices: conflict.devices.map(tag).join(', '),
            }),
          ];
        case 'no-supply':
          return [violation('intercom-no-supply', [], { name: set.name })];
        case 'no-answering':
          return [violation('intercom-no-answer', [], { name: set.name })];
        case 'no-door-station':
          return [];
      }
    }),
  );
};
