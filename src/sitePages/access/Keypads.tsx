import { useMemo } from 'react';
import Printer from 'lucide-react/icons/printer';
import { doorTimes } from '#core/door/index';
import { openSheets, type OpenSheet } from '#core/keypads/index';
import { dayWords } from '#words/access';
import { openSheetWords } from '#words/keypad';
import { CodesAway } from '../../parts/codes/CodesAway';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { Menu } from '../../ui/Menu';
import { useNavigate } from '../../parts/navigation';
import { KeySheetPaper, usePaper } from '../../parts/keypad/KeySheetPaper';
import { useSite, useStore } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from '../../parts/access/Access.module.css';

/** Every keypad that is programmed at its own keys: what of the list is not in it yet, or still; and all their sheets on paper. */
export function Keypads() {
  const { plan, complete } = useSite();
  const store = useStore();
  const go = useNavigate();
  const sheets = useMemo(() => openSheets(plan, (door) => doorTimes(plan, door)?.unlock ?? 5), [plan]);
  const toDo = sheets.filter(({ open }) => open.length > 0);
  const paper = usePaper();
  if (sheets.length === 0)
    return (
      <Empty title="No keypads">
        Keypads that are programmed at their own keys stand here, with what is still to be keyed.
      </Empty>
    );
  if (!complete) return <CodesAway />;
  const state = ({ open, leavers, recorded }: OpenSheet) =>
    open.length === 0 ? (recorded ? 'as listed' : 'nothing to key') : openSheetWords(open, leavers);
  return (
    <>
      <div className={css['tools']}>
        <span className={css['count']}>
          {toDo.length === 0
            ? `${sheets.length} keypads, each as listed`
            : `${toDo.length} of ${sheets.length} keypads are to be keyed`}
        </span>
        {toDo.length > 0 && (
          <Menu
            label="Sheets on paper"
            trigger={<Button icon={<Printer aria-hidden />}>Print the sheets</Button>}
            items={[
              { id: 'plain', label: 'Without codes', onSelect: () => paper.print(false) },
              {
                id: 'codes',
                label: 'With codes: whoever has the paper can open',
                onSelect: () => {
                  store.note('key sheets printed with codes');
                  paper.print(true);
                },
              },
            ]}
          />
        )}
      </div>
      <div className={css['sheet']}>
        <table className={table['table']}>
          <caption className="hush">Keypads of this site</caption>
          <thead>
            <tr>
              <th scope="col">Door</th>
              <th scope="col">Keypad</th>
              <th scope="col">Known</th>
              <th scope="col">To be keyed</th>
              <th scope="col">
                <span className="hush">Its sheet</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {sheets.map((sheet) => (
              <tr key={sheet.device.id}>
                <th scope="row">
                  {sheet.device.door} {plan.doors[sheet.device.door ?? '']?.name}
                </th>
                <td>
                  {sheet.device.tag}, {sheet.language.name}
                </td>
                <td>
                  {sheet.recorded === null
                    ? 'never recorded'
                    : sheet.known
                      ? dayWords(sheet.known)
                      : 'no day noted'}
                  {sheet.recorded?.rest ? ', not all of it' : ''}
                </td>
                <td>{sheet.open.length > 0 ? <b>{state(sheet)}</b> : state(sheet)}</td>
                <td>
                  <Button
                    size="s"
                    look="quiet"
                    onClick={() => go({ kind: 'door', door: sheet.device.door, station: 'program' })}
                  >
                    Its sheet
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {paper.codes !== null && <KeySheetPaper sheets={toDo} codes={paper.codes} />}
    </>
  );
}
