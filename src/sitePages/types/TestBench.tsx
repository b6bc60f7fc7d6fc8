import { useMemo, useState } from 'react';
import { settingValue, typeProblems, type DeviceType, type SettingValue } from '#core/devices/index';
import { benchTest, usualVoltage, type BenchResult } from '#core/typebench/index';
import { formatAmps, formatVolts } from '#core/units/index';
import { PART_LABELS, typeProblemWords } from '#words/devices';
import { say } from '#words/sitePages/types/TestBench';
import { SelectField, TextField } from '../../ui/Field';
import css from './TypeEditor.module.css';

const DAMAGES: Readonly<Record<string, string>> = {
  reversed: say.fedBackwards,
  'over-voltage': say.tooMuchVoltage,
  'wrong-current': say.wrongKindOfCurrent,
  'driven-input': say.voltageOnADryInput,
  'driven-output': say.voltageOnAnOutput,
  'contact-overload': say.contactOverloaded,
  'fuse-overload': say.beyondItsRating,
  'fuse-blown': say.blown,
  'source-overload': say.atItsCurrentLimit,
};

/** The type on the bench beside its form: what it does under a voltage, and what keeps it from being saved. */
export function TestBench({ type }: { type: DeviceType }) {
  const problems = useMemo(() => typeProblems(type), [type]);
  const usual = useMemo(
    () => (problems.length === 0 ? usualVoltage(type) : { volts: 12, current: 'dc' as const }),
    [type, problems],
  );
  const [volts, setVolts] = useState<string | null>(null);
  const [current, setCurrent] = useState<'dc' | 'ac' | null>(null);
  const [reversed, setReversed] = useState(false);
  const [settings, setSettings] = useState<Record<string, SettingValue>>({});
  const applied = Number((volts ?? String(usual.volts)).replace(',', '.'));
  const valid = Number.isFinite(applied) && applied >= 0 && applied <= 400;
  const kind = current ?? usual.current;
  const result = useMemo(() => {
    if (problems.length > 0 || !valid) return null;
    try {
      return benchTest(type, settings, { volts: applied, current: kind, reversed });
    } catch (error) {
      return String(error instanceof Error ? error.message : error);
    }
  }, [type, settings, problems, valid, applied, kind, reversed]);
  return (
    <aside className={css['bench']} aria-label={say.testCircuit}>
      <h3>{say.onTheTestBench}</h3>
      <div className={css['apply']}>
        <TextField
          label={say.apply}
          unit="V"
          inputMode="decimal"
          value={volts ?? String(usual.volts)}
          onChange={(event) => setVolts(event.target.value)}
          error={valid ? null : say.from0To400V}
        />
        <SelectField
          label={say.current}
          value={kind}
          onChange={(event) => setCurrent(event.target.value as 'dc' | 'ac')}
        >
          <option value="dc">{say.dc}</option>
          <option value="ac">{say.ac}</option>
        </SelectField>
      </div>
      <label className={css['check']}>
        <input type="checkbox" checked={reversed} onChange={(event) => setReversed(event.target.checked)} />{' '}
        {say.plusOnMinus}
      </label>
      {type.settings
        .filter((setting) => setting.kind === 'choice')
        .map((setting) => (
          <SelectField
            key={setting.id}
            label={setting.label || setting.id}
            value={String(settingValue(type, settings, setting.id))}
            onChange={(event) => setSettings({ ...settings, [setting.id]: event.target.value })}
          >
            {setting.options.map((option) => (
              <option key={option.value} value={option.value}>
                {option.label || option.value}
              </option>
            ))}
          </SelectField>
        ))}
      {problems.length > 0 ? (
        <div role="status" className={css['problems']}>
          <b>{say.notWholeYet}</b>
          <ul>
            {problems.slice(0, 8).map((problem, index) => (
              <li key={index}>{typeProblemWords(problem)}</li>
            ))}
          </ul>
        </div>
      ) : typeof result === 'string' ? (
        <p role="status" className={css['problems']}>
          {result}
        </p>
      ) : (
        result && <Result result={result} volts={applied} kind={kind} />
      )}
    </aside>
  );
}

function Result({ result, volts, kind }: { result: BenchResult; volts: number; kind: 'dc' | 'ac' }) {
  const lock =
    result.lock && { held: 'holds', free: say.letsGo, weak: say.neitherHoldsNorLetsGo }[result.lock];
  return (
    <div role="status" className={css['result']}>
      <p>
        {result.pairs.length === 0
          ? say.takesNoSupplyOnly
          : say.applyVToDraws(
              volts,
              kind.toUpperCase(),
              result.pairs.map(({ plus, minus }) => say.and(plus, minus)).join(', '),
              formatAmps(result.amps),
              lock,
            )}
      </p>
      <ul>
        {result.parts.map((part) => (
          <li key={part.part} className={part.damage ? css['bad'] : undefined}>
            <b>{part.part}</b> ({PART_LABELS[part.kind]}): {formatVolts(part.volts)}, {formatAmps(part.amps)},{' '}
            {part.damage ? DAMAGES[part.damage] : part.working ? say.works : say.doesNotWork}
          </li>
        ))}
        {result.contacts.map((contact) => (
          <li key={contact.part}>
            <b>{contact.part}</b> {contact.from}–{contact.to}: {contact.rest ? say.closed : say.open}
            {contact.worked !== null && contact.worked !== contact.rest && say.whenWorked(contact.worked)}
          </li>
        ))}
      </ul>
    </div>
  );
}
