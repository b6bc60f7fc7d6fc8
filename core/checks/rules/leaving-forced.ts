import { does } from '../../devices/index';
import { leverOpens, stimulate } from '../../simulate/index';
import { terminalId } from '../../plan/index';
import { doorSubject } from '../analyses/doorSubject';
import { onDevice } from '../context';
import { type Analysis, violation, rule } from '../violation';

/** A lever door whose contact is watched and whose lever nobody hears: everybody who leaves raises the forced alarm. */
const unheardLeaving: Analysis = (context) => {
  const { world, rest, parts, wiresAt } = context;
  if (parts.locks.length === 0 || parts.contacts.length === 0 || !leverOpens(world)) return [];
  // A lever with a contact that is wired and not heard has a finding of its own.
  const levers = world.inhabitants.filter(({ device, type }) => {
    const ends = type.roles.exitContact;
    const here = device.door === context.door.id && does(type, 'lever') && ends;
    return here && [ends.a, ends.b].every((pin) => wiresAt(terminalId(device.id, pin)).length > 0);
  });
  if (levers.length > 0) return [];
  const left = stimulate(world, rest, { kind: 'openDoor', from: 'inside' }).state;
  if (!left.alarms.has('forced')) return [];
  const contact = parts.contacts[0]!.device;
  return [violation('leaving-forced', [...doorSubject(context), onDevice(contact.id)], { tag: contact.tag })];
};

export const leavingForced = rule({
  code: 'leaving-forced',
  family: 'T',
  station: 'wire',
  severity: 'caution',
  basis: 'physics',
  find: unheardLeaving,
});
