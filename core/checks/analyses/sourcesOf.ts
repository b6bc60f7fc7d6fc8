import type { CheckContext } from '../context';
import type { SourceAt } from './SourceAt';

/** Every source of the circuit. */
export const sourcesOf = ({ world, plan }: CheckContext): SourceAt[] =>
  world.netlist.branches.flatMap((branch): SourceAt[] =>
    branch.kind === 'source'
      ? [
          {
            device: branch.device,
            tag: plan.devices[branch.device]?.tag ?? '',
            plus: world.netlist.nodes[branch.a] ?? '',
            minus: world.netlist.nodes[branch.b] ?? '',
            volts: branch.volts,
          },
        ]
      : [],
  );
