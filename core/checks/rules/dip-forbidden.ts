import { banksOf, forbiddenIn } from '../../devices/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** DIP switches that stand in a combination that the device does not allow. */
const forbiddenRows: Analysis<'parts'> = ({ parts }) =>
  parts.all.flatMap(({ device, type }) =>
    banksOf(type).flatMap((bank): Violation[] =>
      forbiddenIn(bank, type, device.settings).length === 0
        ? []
        : [violation('dip-forbidden', [onDevice(device.id)], { tag: device.tag, bank: bank.id })],
    ),
  );

export const dipForbidden = rule({
  code: 'dip-forbidden',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: forbiddenRows,
});
