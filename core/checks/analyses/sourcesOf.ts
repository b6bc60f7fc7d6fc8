import { terminalAt } from '../../circuit/index';
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
            plus: terminalAt(world.netlist, branch.a),
            minus: terminalAt(world.netlist, branch.b),
            volts: branch.volts,
          },
        ]
      : [],
  );
