import { useMemo, useState } from 'react';
import Printer from 'lucide-react/icons/printer';
import type { SettingValue, Setting } from '#core/devices/index';
import type { DoorId, Reading } from '#core/plan/index';
import { checksOf, doneBy, settingSheet, type SettingCard, type SettingLine } from '#core/schedule/index';
import { Button } from '../../ui/Button';
import { SwitchBank } from '../../ui/DipSwitches';
import { Empty } from '../../ui/Empty';
import { TextField } from '../../ui/Field';
import { Symbol } from '../../ui/Symbol';
import { cx } from '../../ui/cx';
import { storedName, storeName } from '../../parts/settings';
import { newId } from '../../store/newId';
import { useDispatch, usePlan } from '../../store/context';
import { SettingField } from '../../parts/settings/SettingField';
import css from './SettingsView.module.css';

/** What is to be set at each device, with its switches as they have to stand: to print, to change, and to check off at the door. */
export function SettingsView({ door }: { door: DoorId }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const { devices, types } = plan;

  const cards = useMemo(() => settingSheet(plan, door), [devices, types, door]);
  const [by, setBy] = useState(storedName);
  const [nameless, setNameless] = useState(false);
  const checks = cards.flatMap(checksOf);
  const done = checks.filter((check) => doneBy(plan, check) !== null).length;
  const tick = (check: string) => {
    if (by.trim() === '') {
      setNameless(true);
      return;
    }
    const at = new Date().toISOString();
    const known = doneBy(plan, check);
    if (known) {
      const withdrawn = { by: by.trim(), at, reason: 'Taken back on the setting sheet' };
      dispatch({ kind: 'setReading', id: known.id, patch: { withdrawn } }, 'take back a check');
      return;
    }
    const reading: Reading = {
      id: newId(),
      door,
      check,
      value: 1,
      passed: true,
      low: null,
      high: null,
      by: by.trim(),
      at,
      note: '',
      meter: '',
      serial: '',
      withdrawn: null,
    };
    dispatch({ kind: 'addReading', reading }, 'check off a setting');
  };
  if (cards.length === 0)
    return (
      <Empty title="Nothing to set">No device of this door has a jumper, a switch, a dial or a menu.</Empty>
    );
  return (
    <div className={css['view']} data-print="settings">
      <div className={css['rule']}>
        <p>
          {done} of {checks.length} set and checked. Set a device before it is closed up: an address is easier
          to read on the bench than over a ceiling.
        </p>
        <TextField
          label="Checked by"
          value={by}
          maxLength={200}
          error={nameless && by.trim() === '' ? 'Who checks?' : null}
          onChange={(event) => setBy(event.target.value)}
          onBlur={() => storeName(by.trim())}
        />
        <Button
          size="s"
          icon={<Printer aria-hidden />}
          className={css['print']}
          onClick={() => window.print()}
        >
          Print the sheet
        </Button>
      </div>
      <div className={css['cards']}>
        {cards.map((card) => (
          <Card
            key={card.device.id}
            card={card}
            isDone={(check) => doneBy(plan, check) !== null}
            onTick={tick}
            onSet={(setting, value) =>
              dispatch(
                { kind: 'setSetting', device: card.device.id, setting: setting.id, value },
                'set a device',
              )
            }
          />
        ))}
      </div>
    </div>
  );
}

interface CardProps {
  readonly card: SettingCard;
  isDone(check: string): boolean;
  onTick(check: string): void;
  onSet(setting: Setting, value: SettingValue): void;
}

function Card({ card: { device, type, banks, lines }, isDone, onTick, onSet }: CardProps) {
  const line = (one: SettingLine, rows: readonly number[] | null, check: string | null) => (
    <tr key={one.setting.id} className={cx(one.changed && css['changed'])}>
      <th scope="row">
        {one.setting.label.charAt(0).toUpperCase() + one.setting.label.slice(1)}
        {rows && <small>{rows.length > 1 ? `rows ${rows[0]} to ${rows.at(-1)}` : `row ${rows[0]}`}</small>}
      </th>
      <td>
        <span className={css['field']}>
          <SettingField
            setting={plain(one.setting)}
            value={one.value}
            bare
            onSet={(value) => onSet(one.setting, value)}
          />
        </span>
        <span className={css['said']}>{valueOf(one)}</span>
      </td>
      <td className={css['tick']}>
        {check && (
          <input
            type="checkbox"
            aria-label={`${device.tag}: ${one.setting.label} is ${valueOf(one)}`}
            checked={isDone(check)}
            onChange={() => onTick(check)}
          />
        )}
      </td>
    </tr>
  );
  return (
    <article className={css['card']} aria-label={`Settings of ${device.tag}`}>
      <header>
        <Symbol id={type.symbol} />
        <b>{device.tag}</b>
        <span>{type.name}</span>
      </header>
      {banks.map((bank) => (
        <div key={bank.bank} className={css['bank']}>
          <p>
            {bank.bank.charAt(0).toUpperCase() + bank.bank.slice(1)}
            <small>up is on</small>
          </p>
          <SwitchBank name={`${device.tag}, ${bank.bank}`} positions={bank.positions} />
          <input
            type="checkbox"
            aria-label={`${device.tag}: switches ${bank.bank} stand so`}
            checked={isDone(bank.check)}
            onChange={() => onTick(bank.check)}
          />
        </div>
      ))}
      <table>
        <caption className="hush">Settings of {device.tag}</caption>
        <thead className="hush">
          <tr>
            <th scope="col">Setting</th>
            <th scope="col">Value</th>
            <th scope="col">Set</th>
          </tr>
        </thead>
        <tbody>
          {banks.flatMap(({ fields }) => fields.map(({ rows, line: one }) => line(one, rows, null)))}
          {lines.map((one) => line(one, null, one.check))}
        </tbody>
      </table>
    </article>
  );
}

/** The picture of a number's switches stands above; its field needs none. */
const plain = (setting: Setting): Setting =>
  setting.kind === 'number' && setting.dip !== undefined ? { ...setting, dip: undefined } : setting;

function valueOf({ setting, value }: SettingLine): string {
  if (setting.kind === 'choice')
    return setting.options.find((one) => one.value === value)?.label ?? String(value);
  return setting.kind === 'number' && setting.unit ? `${value} ${setting.unit}` : String(value);
}
