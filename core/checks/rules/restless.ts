import { usedStates } from '../analyses/usedStates';
import { type Analysis, hit, rule } from '../hit';

/** A circuit that never comes to rest, at rest or in use. */
const chatter: Analysis = (context) => {
  const { world, plan } = context;
  const restless = usedStates(context).flatMap(({ point }) => point.restless);
  const devices = restless.flatMap((index) => {
    const branch = world.netlist.branches[index];
    return branch && branch.kind !== 'conductor' ? [branch.device] : [];
  });
  return [...new Set(devices)].map((id) =>
    hit('restless', [{ kind: 'device', id }], { tag: plan.devices[id]?.tag ?? id }),
  );
};

export const restless = rule({
  code: 'restless',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'physics',
  find: chatter,
});
