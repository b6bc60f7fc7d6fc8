import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { readWireRows, type WireRow } from '#core/formats/table/wireRows';
import type { DoorId } from '#core/plan/index';
import { lineFaultWords } from '#words/problems';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { cx } from '../../ui/cx';
import { useDispatch, usePlan } from '../store/context';
import table from '../../ui/DataTable.module.css';
import css from './TableImport.module.css';

const EXAMPLE =
  'PS1  supply-12v\nK1  keypad-slots\nPS1.+V  K1.+12  RD  0.5  14m\nPS1.0V  K1.0V  BK  0.5  14m';

/** Rows from pasted text: columns by tab, semicolon or comma; else by two spaces or more, else by any space. */
function tableOf(text: string): string[][] {
  if (/[\t;,]/.test(text)) {
    const { data } = Papa.parse<string[]>(text, {
      skipEmptyLines: false,
      delimitersToGuess: ['\t', ';', ','],
    });
    return data;
  }
  return text.split(/\r?\n/).map((line) => line.trim().split(/\s{2,}|\s/));
}

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
  const [text, setText] = useState('');
  const result = useMemo(
    () => (text.trim() === '' ? null : readWireRows(plan, door, tableOf(text))),
    [plan, door, text],
  );
  const count = (kind: WireRow['outcome']['kind']) =>
    result?.rows.filter(({ outcome }) => outcome.kind === kind).length ?? 0;
  const faults = count('fault');
  const parts = [
    [count('device'), 'device', 'devices', 'added'],
    [count('new'), 'wire', 'wires', 'laid'],
    [count('changed'), 'wire', 'wires', 'changed'],
    [count('same'), 'wire', 'wires', 'as they are'],
  ] as const;
  const summary = parts
    .filter(([n]) => n > 0)
    .map(([n, one, many, what]) => `${n} ${n === 1 ? one : many} ${what}`)
    .join(', ');
  const take = () => {
    if (!result?.edit || !dispatch(result.edit, 'take in a table')) return;
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
      title="Take in a table of wires"
      description="One wire a row: from, to, colour, size, length, cable, in any order under headings of their own, or in this one without. A row of a tag and a device type adds a device."
    >
      <div className={css['form']}>
        <label className={css['text']}>
          <span>Wires as found</span>
          <textarea
            value={text}
            rows={8}
            spellCheck={false}
            placeholder={EXAMPLE}
            onChange={(event) => setText(event.target.value)}
          />
        </label>
        <label className={css['file']}>
          or read a file (CSV, TSV, text){' '}
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
              {summary || 'Nothing to do yet'}
              {faults > 0 && (
                <strong>
                  {' '}
                  · {faults} {faults === 1 ? 'row' : 'rows'} cannot be read and stay here
                </strong>
              )}
            </p>
            <div className={css['rows']}>
              <table className={table['table']}>
                <thead>
                  <tr>
                    <th scope="col">Line</th>
                    <th scope="col">Row</th>
                    <th scope="col">What it does</th>
                  </tr>
                </thead>
                <tbody>
                  {result.rows.map((row) => (
                    <tr key={row.line}>
                      <td className={table['figures']}>{row.line}</td>
                      <td className={css['given']}>{row.text}</td>
                      <td className={cx(row.outcome.kind === 'fault' && css['fault'])}>
                        {outcomeWords(row)}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          </>
        )}
        <Button look="main" disabled={!result?.edit} onClick={take}>
          Take it in
        </Button>
      </div>
    </Dialog>
  );
}

function outcomeWords({ outcome }: WireRow): string {
  switch (outcome.kind) {
    case 'device':
      return `adds ${outcome.tag}: ${outcome.name}`;
    case 'new':
      return `lays ${outcome.number}, ${outcome.from} to ${outcome.to}`;
    case 'changed':
      return `changes ${outcome.number}: ${outcome.what.join(', ')}`;
    case 'same':
      return `${outcome.number} is as it is`;
    case 'fault': {
      const { fault } = outcome;
      switch (fault.code) {
        case 'unknown-type':
          return `“${fault.word}” is not a device type`;
        case 'tag-taken':
          return `The tag “${fault.word}” is taken at this door`;
        case 'refused':
          return `“${fault.word}” cannot be laid: its number or a terminal is taken`;
        default:
          return lineFaultWords(fault);
      }
    }
  }
}
