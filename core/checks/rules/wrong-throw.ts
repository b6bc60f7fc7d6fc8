import { lockDeadState } from '../../door/index';
import { allConductors, type TerminalId, type Edit, findTypeIn, pinOf, terminalId } from '../../plan/index';
import { lockLoops } from '../analyses/lockLoops';
import type { CheckContext } from '../context';
import { type Analysis, hit, type Hit, rule } from '../hit';

/** A fail-safe lock sits on NC, a fail-secure one on NO; the other way round the door is inverted. */
const throwOfRelay: Analysis = (context) => {
  const { plan, parts } = context;
  return lockLoops(context).flatMap((loop) => {
    const lock = parts.locks.find(({ device }) => device.id === loop.load.device);
    const want = lock && lockDeadState(plan, lock);
    if (!want || !loop.supply.complete || !loop.back.complete) return [];
    return [...loop.supply.steps, ...loop.back.steps].flatMap((step): Hit[] => {
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
        hit(
          'wrong-throw',
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
function moveEnd({ plan }: CheckContext, from: TerminalId, to: TerminalId): Edit {
  const edits = allConductors(plan).flatMap((wire): Edit[] => {
    if (wire.from === from) return [{ kind: 'setConductor', id: wire.id, patch: { from: to } }];
    return wire.to === from ? [{ kind: 'setConductor', id: wire.id, patch: { to } }] : [];
  });
  return { kind: 'batch', label: 'move the wire', edits };
}

export const wrongThrow = rule({
  code: 'wrong-throw',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: throwOfRelay,
});
