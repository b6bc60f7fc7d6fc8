import { lockDeadState } from '../door/index';
import { loopWires, type RoundLoop } from '../loops/index';
import {
  conductorsOf,
  findTypeIn,
  deviceOf,
  nextWireNumber,
  pinOf,
  terminalId,
  terminalLabel,
  WIRE_DEFAULTS,
  type Conductor,
  type Edit,
} from '../plan/index';
import { cableBetween, lengthBetween } from '../door/index';
import { metres } from '../units/index';
import { finder, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const find = finder('W', 'wire');
const lockLoops = ({ loops }: CheckContext): RoundLoop[] =>
  loops.filter((loop): loop is RoundLoop => loop.shape === 'round' && loop.kind === 'lock-power');

/** A door without a lock, a supply or something that decides is not a door yet. */
export const completeness: Check = ({ parts, door }) => {
  const at = [{ kind: 'door', id: door.id } as const];
  const findings: Finding[] = [];
  if (parts.all.length === 0) return [];
  if (parts.locks.length === 0) findings.push(find('no-lock', 'fix', 'practice', at));
  if (parts.supplies.length === 0) findings.push(find('no-supply', 'fix', 'practice', at));
  if (!parts.decider) findings.push(find('no-decider', 'fix', 'practice', at));
  return findings;
};

/** A loop that does not close: named where it stops, with the wire that would close it. */
export const brokenLoops: Check = (context) => {
  const { plan, door, loops, parts } = context;
  return loops.flatMap((loop): Finding[] => {
    if (loop.shape === 'bundle' || loop.complete || isBareSensor(context, loop)) return [];
    return [loop.supply, loop.back].flatMap((leg, index): Finding[] => {
      if (leg.complete || loop.source.part === '') return [];
      const supplySide = index === 0;
      const near = supplySide
        ? (leg.near.at(-1)?.to ?? loop.source.top)
        : (leg.near.at(-1)?.to ?? loop.load.bottom);
      const [left, right] = supplySide
        ? [near, leg.far[0]?.from ?? loop.load.top]
        : [leg.far.at(-1)?.to ?? loop.load.bottom, leg.near[0]?.from ?? loop.source.bottom];
      const com = parts.decider?.type.roles.switches?.[parts.channel]?.com;
      const atCommon = parts.decider && com && right === terminalId(parts.decider.device.id, com);
      return [
        find(
          atCommon && loop.kind === 'lock-power' ? 'link-missing' : 'loop-broken',
          'fix',
          'physics',
          [
            { kind: 'terminal', id: left },
            { kind: 'terminal', id: right },
            { kind: 'device', id: loop.load.device },
          ],
          {
            from: terminalLabel(plan, left, door.id),
            to: terminalLabel(plan, right, door.id),
            tag: plan.devices[loop.load.device]?.tag ?? '',
            kind: loop.kind,
          },
          { remedy: closeGap(context, left, right, supplySide) },
        ),
      ];
    });
  });
};

/** A sensor without supply has a finding of its own, which says what it needs. */
const isBareSensor = ({ plan, wiresAt }: CheckContext, { kind, load }: RoundLoop): boolean =>
  kind === 'feed' &&
  findTypeIn(plan, plan.devices[load.device]?.type ?? '')?.behaviour.kind === 'sensor' &&
  [load.top, load.bottom].some((end) => wiresAt(end).length === 0);

function closeGap({ plan, door }: CheckContext, from: string, to: string, supplySide: boolean): Edit {
  const number = nextWireNumber(plan, door.id);
  const [one, two] = [plan.devices[deviceOf(from)], plan.devices[deviceOf(to)]];
  const conductor: Conductor = {
    id: `${door.id}/${number}`,
    door: door.id,
    number,
    from,
    to,
    colour: supplySide ? 'RD' : 'BK',
    gauge: WIRE_DEFAULTS.gauge,
    length: lengthBetween(one, two, metres(12)),
    cable: cableBetween(one, two),
    origin: 'hand',
  };
  return { kind: 'connect', conductor };
}

/** Plus on the negative terminal of a lock. */
export const polarity: Check = (context) =>
  lockLoops(context)
    .filter((loop) => loop.reversed)
    .map((loop) =>
      find('loop-reversed', 'fix', 'rating', [{ kind: 'device', id: loop.load.device }], {
        tag: context.plan.devices[loop.load.device]?.tag ?? '',
      }),
    );

/** A fail-safe lock sits on NC, a fail-secure one on NO; the other way round the door is inverted. */
export const throwOfRelay: Check = (context) => {
  const { plan, parts } = context;
  return lockLoops(context).flatMap((loop) => {
    const lock = parts.locks.find(({ device }) => device.id === loop.load.device);
    const want = lock && lockDeadState(plan, lock);
    if (!want || !loop.supply.complete || !loop.back.complete) return [];
    return [...loop.supply.steps, ...loop.back.steps].flatMap((step): Finding[] => {
      if (step.kind !== 'through' || step.device !== parts.decider?.device.id) return [];
      const contact = findTypeIn(plan, plan.devices[step.device]?.type ?? '')?.parts.find(
        (part) => part.id === step.part,
      );
      const form = want === 'fail-safe' ? 'NC' : 'NO';
      if (contact?.kind !== 'contact' || contact.form === form) return [];
      const pins = parts.decider.type.roles.switches?.find(({ com }) => com === contact.a);
      const wrong = terminalId(step.device, contact.form === 'NC' ? (pins?.nc ?? '') : (pins?.no ?? ''));
      const right = terminalId(step.device, contact.form === 'NC' ? (pins?.no ?? '') : (pins?.nc ?? ''));
      return [
        find(
          'wrong-throw',
          'stop',
          'physics',
          [{ kind: 'terminal', id: wrong }],
          {
            tag: plan.devices[step.device]?.tag ?? '',
            wrong: pinOf(wrong),
            right: pinOf(right),
            state: want,
          },
          { remedy: moveEnd(context, wrong, right) },
        ),
      ];
    });
  });
};

/** Every wire on one terminal moved to another. */
function moveEnd({ plan }: CheckContext, from: string, to: string): Edit {
  const edits = Object.values(plan.conductors).flatMap((wire): Edit[] => {
    if (wire.from === from) return [{ kind: 'setConductor', id: wire.id, patch: { from: to } }];
    return wire.to === from ? [{ kind: 'setConductor', id: wire.id, patch: { to } }] : [];
  });
  return { kind: 'batch', label: 'move the wire', edits };
}

/** Wires that belong to no loop: to be landed, or capped each on its own. */
export const spareWires: Check = ({ loops, plan, door }) => {
  const spare = loops.filter((loop) => loop.kind === 'other').flatMap(loopWires);
  if (spare.length === 0) return [];
  const numbers = conductorsOf(plan, door.id)
    .filter((wire) => spare.includes(wire.id))
    .map((wire) => wire.number);
  const at = spare.map((id) => ({ kind: 'conductor', id }) as const);
  return [find('spare-wire', 'note', 'practice', at, { wires: numbers.join(', '), count: numbers.length })];
};

/** Whether the wires make the loops they should. */
export const wiringChecks: readonly Check[] = [completeness, brokenLoops, polarity, throwOfRelay, spareWires];
