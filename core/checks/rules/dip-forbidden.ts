import { banksOf, forbiddenIn } from '../../devices/index';
import { onDevice } from '../context';
import { type Analysis, hit, type Hit, rule } from '../hit';

/** DIP switches that stand in a combination that the device does not allow. */
const forbiddenRows: Analysis<'parts'> = ({ parts }) =>
  parts.all.flatMap(({ device, type }) =>
    banksOf(type).flatMap((bank): Hit[] =>
      forbiddenIn(bank, type, device.settings).length === 0
        ? []
        : [hit('dip-forbidden', [onDevice(device.id)], { tag: device.tag, bank: bank.id })],
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
