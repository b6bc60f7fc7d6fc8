import { useMemo, useState } from 'react';
import { tableOf } from '#core/formats/table/tableOf';
import { readWireRows, type WireRow, type WireRows } from '#core/formats/table/wireRows';
import { terminalLabel, wireDefaults, type DoorId, type Plan } from '#core/plan/index';
import { formatGauge, formatLength, type DecimalSign } from '#core/units/index';
import { rowFaultWords } from '#words/rowProblems';
import { say } from '#words/stations/wire/TableImport';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { cx } from '../../ui/cx';
import { SelectField } from '../../ui/Field';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from './TableImport.module.css';

const EXAMPLE = say.ps1Supply12vK1;

/**
 * An installation as found, or a list from elsewhere: typed, pasted or read from a file. Every row says what it
 * would do before anything is done; rows that cannot be read are left out and named.
 */
export function TableImport({
  door,
  open,
  onOpenChange,
}: {
  door: DoorId;
  open: boolean;
  onOpenChange(open: boolean): void;
}) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const unit = useUnit();
  const [text, setText] = useState('');
  const [decimal, setDecimal] = useState<DecimalSign | null>(null);
  const result = useMemo(
    () => (text.trim() === '' ? null : readWireRows(plan, door, tableOf(text), { decimal, unit })),
    [plan, door, text, decimal, unit],
  );
  const doors = new Set(result?.rows.map((row) => row.door));
  const count = (kind: WireRow['outcome']['kind']) =>
    result?.rows.filter(({ outcome }) => outcome.kind === kind).length ?? 0;
  const faults = count('fault');
  const parts = [
    [count('device'), say.devicesAdded],
    [count('new'), say.wiresAdded],
    [count('changed'), say.wiresChanged],
    [count('same'), say.wiresAsTheyAre],
  ] as const;
  const summary = parts
    .filter(([n]) => n > 0)
    .map(([n, words]) => words(n))
    .join(', ');
  const take = () => {
    if (!result?.edit || !dispatch(result.edit, say.takeInATable)) return;
    setText(
      faults > 0
        ? result.rows
            .filter(({ outcome }) => outcome.kind === 'fault')
            .map((row) => row.text)
            .join('\n')
        : '',
    );
    if (faults === 0) onOpenChange(false);
  };
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title={say.takeTableWires}
      description={say.oneWireRowColour}
    >
      <div className={css['form']}>
        <label className={css['text']}>
          <span>{say.wiresAsFound}</span>
          <textarea
            value={text}
            rows={result ? 4 : 8}
            spellCheck={false}
            placeholder={EXAMPLE}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <label className={css['file']}>
          {say.readFileCsvTsv}{' '}
          <input
            type="file"
            accept=".csv,.tsv,.txt,text/*"
            onChange={(event) => {
              const [file] = event.target.files ?? [];
              if (file) void file.text().then(setText);
            }}
          />
        </label>
        {result && (
          <>
            <p className={css['summary']} role="status">
              {summary || say.nothingToDoYet}
              {faults > 0 && <strong>{say.cannotReadStayHere(faults)}</strong>}
            </p>
            <SelectField
              label={say.figuresAreWritten}
              value={decimal ?? ''}
              onChange={(event) =>
                setDecimal(event.target.value === '' ? null : (event.target.value as DecimalSign))
              }
            >
              <option value="">{foundWords(result.found)}</option>
              <option value=".">{say.n0751200}</option>
              <option value=",">{say.n07512002}</option>
            </SelectField>
            <div className={css['rows']} tabIndex={0} role="region" aria-label={say.whatEachRowDoes}>
              <table className={table['table']}>
                <caption className="hush">{say.rowsAsTheyWereRead}</caption>
                <thead>
                  <tr>
                    <th scope="col">{say.line}</th>
                    {doors.size > 1 && <th scope="col">{say.door}</th>}
                    <th scope="col">{say.whatItDoes}</th>
                    <th scope="col">{say.readAs}</th>
                    <th scope="col">{say.colour}</th>
                    <th scope="col">{say.size}</th>
                    <th scope="col">{say.length}</th>
                  </tr>
                </thead>
                <tbody>
                  {result.rows.map((row) => (
                    <tr key={row.line}>
                      <td className={table['figures']}>{row.line}</td>
                      {doors.size > 1 && <td>{row.door ?? '—'}</td>}
                      <td className={cx(css['does'], row.outcome.kind === 'fault' && css['fault'])}>
                        {outcomeWords(row)}
                      </td>
                      <ReadCells plan={plan} row={row} unit={unit} />
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          </>
        )}
        <Button look="main" disabled={!result?.edit} onClick={take}>
          {say.takeItIn}
        </Button>
      </div>
    </Dialog>
  );
}

function outcomeWords({ outcome }: WireRow): string {
  switch (outcome.kind) {
    case 'device':
      return say.adds(outcome.tag, outcome.name);
    case 'new':
      return say.laysTo(outcome.number, outcome.from, outcome.to);
    case 'changed':
      return say.changes(outcome.number, outcome.what.join(', '));
    case 'same':
      return say.isAsItIs(outcome.number);
    case 'fault':
      return rowFaultWords(outcome.fault);
  }
}

const foundWords = (found: WireRows['found']): string => {
  if (found === 'mixed') return say.bothWaysTableChoose;
  if (found === null) return say.tableTellsNothingTell;
  return found === '.' ? say.tableTells075 : say.tableTells0752;
};

/** Every value as it was read; what a row does not say is told as what is taken instead. */
function ReadCells({ plan, row, unit }: { plan: Plan; row: WireRow; unit: 'm' | 'ft' }) {
  const { read, outcome } = row;
  if (!read)
    return (
      <td className={css['given']} colSpan={4}>
        {row.text}
      </td>
    );
  const { from, to, colour, gauge, length } = read;
  const usual = wireDefaults(plan.site);
  const instead = (shown: string) =>
    outcome.kind === 'new' ? <i title={say.notInTheTable}>{say.assumed(shown)}</i> : '—';
  return (
    <>
      <td className={css['given']}>
        {terminalLabel(plan, from, row.door ?? '')} – {terminalLabel(plan, to, row.door ?? '')}
      </td>
      <td>{colour ?? instead(usual.colour)}</td>
      <td className={table['figures']}>
        {gauge === null ? instead(formatGauge(usual.gauge)) : formatGauge(gauge)}
      </td>
      <td className={table['figures']}>
        {length === null ? instead(formatLength(usual.length, unit)) : formatLength(length, unit)}
      </td>
    </>
  );
}
