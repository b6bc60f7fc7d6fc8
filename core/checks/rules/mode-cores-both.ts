import { terminalId } from '../../plan/index';
import { onDevice, onTerminal, onWire } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A lock that chooses its dead state by the core that is fed, and has both landed: nobody knows what it does. */
const bothCores: Analysis<'parts' | 'wiresAt' | 'trial'> = ({ parts, wiresAt }) =>
  parts.locks.flatMap(({ device, type }): Violation[] => {
    const mode = type.lock?.kind === 'strike' ? type.lock.mode : null;
    if (mode?.by !== 'terminal') return [];
    const cores = [mode.safe.terminal, mode.secure.terminal];
    const wires = cores.map((pin) => wiresAt(terminalId(device.id, pin)));
    if (wires.some((landed) => landed.length === 0)) return [];
    const wanted = parts.wanted === null ? null : parts.wanted === 'fail-safe' ? 0 : 1;
    const extra = wanted === null ? [] : wires[1 - wanted]!;
    const only = extra.length === 1 ? extra[0] : undefined;
    return [
      violation(
        'mode-cores-both',
        [
          onDevice(device.id),
          ...cores.map((pin) => onTerminal(terminalId(device.id, pin))),
          ...extra.map(({ id }) => onWire(id)),
        ],
        { tag: device.tag, one: cores[0]!, two: cores[1]!, wire: only?.number ?? '' },
        only ? { remedy: { kind: 'disconnect', id: only.id } } : {},
      ),
    ];
  });

export const modeCoresBoth = rule({
  code: 'mode-cores-both',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: bothCores,
});
