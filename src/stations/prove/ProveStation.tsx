import { useState } from 'react';
import { tallyOf, type Cell, type ProofRow, type Side } from '#core/prove/index';
import { formatAmps, formatVolts } from '#core/units/index';
import { outcomeWords, shouldWords, soonWords, verdictWords } from '#words/situations';
import { situationName } from '#words/situationNames';
import { LAW } from '#words/findings/index';
import { say } from '#words/stations/prove/ProveStation';
import { cx } from '../../ui/cx';
import { Empty } from '../../ui/Empty';
import { TabList, TabPanel, TabRoot } from '../../ui/Tabs';
import { StationFrame } from '../../parts/StationFrame';
import { pointable } from '../../parts/pointedAt';
import type { StationProps } from '../../parts/given';
import { CellReason } from './CellReason';
import { FaultsView } from './FaultsView';
import { OrdersView } from './OrdersView';
import css from './ProveStation.module.css';

const MARKS: Record<Cell['verdict'], string> = { pass: '✓', fail: '✕', 'not-proven': '?' };

interface Chosen {
  readonly situation: string;
  readonly side: Side;
}

type View = 'situations' | 'faults' | 'orders';
const VIEWS: readonly { readonly id: View; readonly label: string }[] = [
  { id: 'situations', label: say.situations },
  { id: 'faults', label: say.faults },
  { id: 'orders', label: say.orders },
];

/** What a door does: in every situation, with every single fault, in every order of events. */
export function ProveStation({ door, verdict, bench }: Pick<StationProps, 'door' | 'verdict' | 'bench'>) {
  const [view, setView] = useState<View>('situations');
  const [chosen, setChosen] = useState<Chosen | null>(null);
  if (!verdict) return <StationFrame door={door}>{null}</StationFrame>;
  if (!verdict.summary.begun) {
    return (
      <StationFrame door={door}>
        <Empty title={say.nothingToProveYet}>{say.chooseHardwareWireDoor}</Empty>
      </StationFrame>
    );
  }
  const { rows } = verdict.proof;
  const worst = rows
    .flatMap((row) => (['outside', 'inside'] as const).map((side) => ({ row, side })))
    .find(({ row, side }) => row.cells[side].verdict !== 'pass');
  const open = chosen ? rows.find((row) => row.situation === chosen.situation) : (worst?.row ?? rows[0]);
  const side = chosen?.side ?? worst?.side ?? 'inside';
  const table = view === 'situations';
  return (
    <TabRoot<View> value={view} onChange={setView} className={css['views']}>
      <StationFrame
        door={door}
        tools={
          <>
            {table && <Tally rows={rows} />}
            <TabList tabs={VIEWS} label={say.waysToProve} />
          </>
        }
        foot={
          table &&
          open && (
            <CellReason key={`${open.situation} ${side}`} row={open} side={side} door={door} bench={bench} />
          )
        }
      >
        <TabPanel id="situations">
          <Situations rows={rows} open={open} side={side} onChoose={setChosen} />
        </TabPanel>
        <TabPanel id="faults">
          <FaultsView door={door} bench={bench} />
        </TabPanel>
        <TabPanel id="orders">
          <OrdersView door={door} bench={bench} />
        </TabPanel>
      </StationFrame>
    </TabRoot>
  );
}

function Tally({ rows }: { rows: readonly ProofRow[] }) {
  const tally = tallyOf(rows);
  return (
    <p className={css['tally']}>
      <b>{tally.pass}</b> {say.pass} <b className={tally.fail > 0 ? css['bad'] : ''}>{tally.fail}</b>{' '}
      {say.fail} <b>{tally['not-proven']}</b> {say.notProven}
    </p>
  );
}

/** So many devices at which a situation was tried are named in its row; all of them stand in its reason. */
const NAMED = 3;
function placesOf({ each }: ProofRow): string {
  const tags = each.map(({ tag }) => tag || say.allAtOnce);
  const more = tags.length - NAMED;
  return [...tags.slice(0, NAMED), ...(more > 0 ? [say.more(more)] : [])].join(', ');
}

interface SituationsProps {
  readonly rows: readonly ProofRow[];
  readonly open: ProofRow | undefined;
  readonly side: Side;
  onChoose(chosen: Chosen): void;
}

/** Situations against what must be possible from outside and from inside. */
function Situations({ rows, open, side, onChoose }: SituationsProps) {
  return (
    <>
      <table className={css['table']}>
        <caption className="hush">{say.doorDoesEverySituation}</caption>
        <thead>
          <tr>
            <th scope="col">{say.situation}</th>
            <th scope="col">{say.fromOutside}</th>
            <th scope="col">{say.fromInside}</th>
            <th scope="col">{say.lock}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.situation} {...pointable('situation', row.situation)}>
              <th scope="row">
                {situationName(row.situation)}
                {row.each.length > 0 && <small> {placesOf(row)}</small>}
              </th>
              {(['outside', 'inside'] as const).map((one) => {
                const cell = row.cells[one];
                const isOpen = open === row && side === one;
                return (
                  <td key={one}>
                    <button
                      type="button"
                      className={cx(css['cell'], css[cell.verdict], isOpen && css['open'])}
                      aria-pressed={isOpen}
                      onClick={() => onChoose({ situation: row.situation, side: one })}
                    >
                      <i aria-hidden>{MARKS[cell.verdict]}</i>
                      <span className="hush">{verdictWords(cell.verdict)}: </span>
                      <span>
                        {outcomeWords(cell, one)}
                        {one === 'outside' && !cell.breaks && soonWords(row)}
                      </span>
                      <small>
                        {cell.adjusted && say.changed} {shouldWords(cell.expectation, one)}
                      </small>
                    </button>
                  </td>
                );
              })}
              <td className={css['lock']}>
                {row.locks
                  .map((lock) => `${lock.tag} ${formatVolts(lock.volts)} ${formatAmps(lock.amps)}`)
                  .join(' ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={css['law']}>{LAW}</p>
    </>
  );
}
