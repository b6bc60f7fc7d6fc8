import { terminalId } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A supply of the door with no wire on any terminal, beside others that feed it. */
const idle: Analysis<'parts' | 'door' | 'wiresAt'> = ({ parts, door, wiresAt }) => {
  const bare = parts.supplies.filter(
    ({ device, type }) =>
      device.door === door.id &&
      type.family === 'supply' &&
      type.terminals.every(({ id }) => wiresAt(terminalId(device.id, id)).length === 0),
  );
  if (bare.length === parts.supplies.length) return [];
  return bare.map(({ device }): Violation =>
    violation('supply-idle', [onDevice(device.id)], { tag: device.tag }),
  );
};

export const supplyIdle = rule({
  code: 'supply-idle',
  family: 'P',
  station: 'power',
  severity: 'caution',
  basis: 'practice',
  find: idle,
});
