import { useMemo, useState } from 'react';
import Printer from 'lucide-react/icons/printer';
import type { SettingValue, Setting } from '#core/devices/index';
import type { DoorId, Reading } from '#core/plan/index';
import { checksOf, doneBy, settingSheet, type SettingCard, type SettingLine } from '#core/schedule/index';
import { say } from '#words/stations/wire/SettingsView';
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
      const withdrawn = { by: by.trim(), at, reason: say.takenBackSettingSheet };
      dispatch({ kind: 'setReading', id: known.id, patch: { withdrawn } }, say.takeBackACheck);
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
    dispatch({ kind: 'addReading', reading }, say.checkOffASetting);
  };
  if (cards.length === 0) return <Empty title={say.nothingToSet}>{say.noDeviceDoorJumper}</Empty>;
  return (
    <div className={css['view']} data-print="settings">
      <div className={css['rule']}>
        <p>{say.setCheckedSetDevice(done, checks.length)}</p>
        <TextField
          label={say.checkedBy}
          value={by}
          maxLength={200}
          error={nameless && by.trim() === '' ? say.whoChecks : null}
          onChange={(event) => setBy(event.target.value)}
          onBlur={() => storeName(by.trim())}
        />
        <Button
          size="s"
          icon={<Printer aria-hidden />}
          className={css['print']}
          onClick={() => window.print()}
        >
          {say.printTheSheet}
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
                say.setADevice,
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
        {rows && <small>{rows.length > 1 ? say.rowsTo(rows[0], rows.at(-1)) : say.row(rows[0])}</small>}
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
            aria-label={say.is(device.tag, one.setting.label, valueOf(one))}
            checked={isDone(check)}
            onChange={() => onTick(check)}
          />
        )}
      </td>
    </tr>
  );
  return (
    <article className={css['card']} aria-label={say.settingsOf(device.tag)}>
      <header>
        <Symbol id={type.symbol} />
        <b>{device.tag}</b>
        <span>{type.name}</span>
      </header>
      {banks.map((bank) => (
        <div key={bank.bank} className={css['bank']}>
          <p>
            {bank.bank.charAt(0).toUpperCase() + bank.bank.slice(1)}
            <small>{say.upIsOn}</small>
          </p>
          <SwitchBank name={`${device.tag}, ${bank.bank}`} positions={bank.positions} />
          <input
            type="checkbox"
            aria-label={say.switchesStandSo(device.tag, bank.bank)}
            checked={isDone(bank.check)}
            onChange={() => onTick(bank.check)}
          />
        </div>
      ))}
      <table>
        <caption className="hush">{say.settingsOf(device.tag)}</caption>
        <thead className="hush">
          <tr>
            <th scope="col">{say.setting}</th>
            <th scope="col">{say.value}</th>
            <th scope="col">{say.set}</th>
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
