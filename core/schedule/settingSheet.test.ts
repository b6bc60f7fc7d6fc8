import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { devicesOf, typeIn } from '../plan/index';
import { MAGNET_BRIEF, mustApply } from '../specimens/doors';
import { installed } from '../specimens/installation';
import { door } from '../specimens/ruleEdits';
import { checksOf, doneBy, settingSheet } from './index';

const dipped = () =>
  installed({
    name: 'x',
    brief: MAGNET_BRIEF,
    devices: ['supply-12v-5a', 'controller-2-dip', 'reader-rs485', 'magnet-lock', 'exit-button'],
  });

describe('a setting sheet', () => {
  it.each(HARDWARE_SETS.map(({ id }) => [id]))('of %s holds every setting of every device once', (id) => {
    const plan = door(id);
    const cards = settingSheet(plan, 'D01');
    for (const device of devicesOf(plan, 'D01')) {
      const card = cards.find((one) => one.device.id === device.id);
      const told = card
        ? [...card.lines, ...card.banks.flatMap(({ fields }) => fields.map(({ line }) => line))]
        : [];
      // A text that nobody has filled in is nothing to set, nor is how long a battery is asked to last.
      const asked = typeIn(plan, device).settings.filter(
        ({ kind, id: setting, initial, role }) =>
          role !== 'hours' && (kind !== 'text' || (device.settings[setting] ?? initial) !== ''),
      );
      expect(told.map(({ setting }) => setting.id).sort()).toEqual(asked.map((one) => one.id).sort());
    }
    const checks = cards.flatMap(checksOf);
    expect(new Set(checks).size).toBe(checks.length);
  });
  it('shows a bank as it has to stand, and asks anew once a row of it is another', () => {
    const plan = dipped();
    const bank = settingSheet(plan, 'D01').find(({ device }) => device.tag === 'K1')!.banks[0]!;
    expect(bank.positions).toEqual([true, false, false, false, true, false, false, false]);
    const reading = {
      id: 'r',
      door: 'D01',
      check: bank.check,
      value: 1,
      passed: true,
      low: null,
      high: null,
      by: 'Ines',
      at: '2026-11-27T08:00:00.000Z',
      note: '',
      meter: '',
      serial: '',
      withdrawn: null,
    };
    const set = mustApply(plan, { kind: 'addReading', reading });
    expect(doneBy(set, bank.check)?.by).toBe('Ines');
    const moved = mustApply(set, { kind: 'setSetting', device: 'D01/K1', setting: 'address', value: 6 });
    const next = settingSheet(moved, 'D01').find(({ device }) => device.tag === 'K1')!.banks[0]!;
    expect(next.positions.slice(0, 4)).toEqual([false, true, true, false]);
    expect(doneBy(moved, next.check)).toBeNull();
    const back = mustApply(set, {
      kind: 'setReading',
      id: 'r',
      patch: { withdrawn: { by: 'Ines', at: '2026-11-27T09:00:00.000Z', reason: 'slipped' } },
    });
    expect(doneBy(back, bank.check)).toBeNull();
  });
});
