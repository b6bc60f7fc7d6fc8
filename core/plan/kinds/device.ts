import { z } from 'zod';
import { addressId, innerId, line, lines, word } from '../../fields/index';
import { findType, settingFault, type DeviceType } from '../../devices/index';
import { findIn, type Plan } from '../plan';
import type { Frozen } from './frozen';
import { describe } from './kind';
import { deviceOf, pinOf } from './terminal';

export const settingValueSchema = z.union([line(200), z.number()]);

export const deviceSchema = z.strictObject({
  id: innerId(),
  /** Door it belongs to, or null for one that serves the site. */
  door: addressId.nullable(),
  /** L1, K1, PS1: unique within its door. */
  tag: line(20, 1).regex(/^[^\s./]+$/, 'must not hold spaces, dots or slashes'),
  type: word(60),
  place: z.enum(['outside', 'inside', 'frame', 'above', 'enclosure']),
  settings: z.record(word(40), settingValueSchema).default({}),
  notes: lines(5000).default(''),
});

export type Device = Frozen<z.output<typeof deviceSchema>>;

/** Type of a device from the site's own or the library. */
const typeOf = (plan: Plan, id: string): DeviceType | undefined =>
  findIn(plan.types, id) ?? findType(id);

export const DEVICES = describe('devices', {
  list: 'devices',
  as: 'device',
  word: 'device',
  key: 'id',
  schema: deviceSchema,
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
