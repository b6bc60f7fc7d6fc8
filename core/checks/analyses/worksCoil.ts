import { type Conductor, deviceOf, findTypeIn, pinOf, type Plan } from '../../plan/index';

/** True for a wire that lands on a relay's coil. */
export const worksCoil = (plan: Plan, { from, to }: Conductor): boolean =>
  [from, to].some((end) => {
    const { coil } = findTypeIn(plan, plan.devices[deviceOf(end)]?.type ?? '')?.roles ?? {};
    return coil !== undefined && [coil.plus, coil.minus].includes(pinOf(end));
  });
