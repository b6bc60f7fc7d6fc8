import { terminalLabel } from '../../plan/index';
import { looseLead } from '../analyses/looseLead';
import { notWired } from '../analyses/notWired';
import { onDevice, onTerminal } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** An end-of-line resistor of the door with a lead that no wire leads to. */
const idleResistors: Analysis<'parts' | 'plan' | 'door' | 'wiresAt'> = (context) =>
  notWired(context)
    ? []
    : context.parts.resistors.flatMap((placed): Violation[] => {
        const loose = looseLead(context, placed);
        if (!loose) return [];
        const { tag, id } = placed.device;
        const terminal = terminalLabel(context.plan, loose, context.door.id);
        return [violation('eol-idle', [onDevice(id), onTerminal(loose)], { tag, terminal })];
      });

export const eolIdle = rule({
  code: 'eol-idle',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: idleResistors,
});
