import { findType, settingFault, type DeviceType } from '../../devices/index';
import { findIn, type Plan } from '../plan';
import { describe } from './kind';
import { deviceOf, pinOf } from './terminal';

/** Type of a device from the site's own or the library. */
const typeOf = (plan: Plan, id: string): DeviceType | undefined => findIn(plan.types, id) ?? findType(id);

export const DEVICES = describe('devices', {
  list: 'devices',
  as: 'device',
  word: 'device',
  key: 'id',
  verbs: { add: 'addDevice', set: 'setDevice', remove: 'removeDevice' },
  fixed: ['id', 'door', 'settings'],
  most: 40_000,
  unique: {
    of: ({ door, tag }) => `${door ?? ''}\n${tag}`,
    refusal: ({ tag }) => ({ reason: 'tag-taken', id: tag, at: 'tag' }),
  },
  refs: [
    { to: 'doors', of: ({ door }) => (door === null ? [] : [{ id: door, at: 'door' }]), onGone: 'goes' },
    {
      to: 'types',
      of: ({ type }) => (findType(type) ? [] : [{ id: type, at: 'type', reason: 'unknown-type' }]),
      onGone: 'keeps',
    },
  ],
  problem(plan, device, before) {
    const type = typeOf(plan, device.type);
    if (!type) return { reason: 'unknown-type', id: device.type, at: 'type' };
    for (const [id, value] of Object.entries(device.settings)) {
      if (settingFault(type, id, value) !== null)
        return { reason: 'bad-setting', id: `${id} = ${value}`, at: `settings.${id}` };
    }
    if (!before || before.type === device.type) return null;
    const pins = new Set(type.terminals.map(({ id }) => id));
    for (const { from, to } of Object.values(plan.conductors)) {
      for (const end of [from, to]) {
        // A wire that the new type would leave hanging.
        if (deviceOf(end) === device.id && !pins.has(pinOf(end)))
          return { reason: 'unknown-terminal', id: end, at: 'type' };
      }
    }
    return null;
  },
  secrets: {},
  doors: ({ door }) => (door === null ? [] : [door]),
  // One that serves the site may be any door's. Sets and networks are judged across doors that no wire joins yet.
  everywhere: (plan, { door, type }) => {
    const found = typeOf(plan, type);
    return (
      door === null ||
      found?.roles.intercom !== undefined ||
      found?.settings.some(({ role }) => role === 'ip') === true
    );
  },
});
