import { useMemo } from 'react';
import Printer from 'lucide-react/icons/printer';
import { doorTimes } from '#core/door/index';
import { openSheets, type OpenSheet } from '#core/keypads/index';
import { dayWords } from '#words/access';
import { openSheetWords } from '#words/keypad';
import { say } from '#words/sitePages/access/Keypads';
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
  if (sheets.length === 0) return <Empty title={say.noKeypads}>{say.keypadsProgrammedTheirOwn}</Empty>;
  if (!complete) return <CodesAway />;
  const state = ({ open, leavers, recorded }: OpenSheet) =>
    open.length === 0 ? (recorded ? say.asListed : say.nothingToKey) : openSheetWords(open, leavers);
  return (
    <>
      <div className={css['tools']}>
        <span className={css['count']}>
          {toDo.length === 0
            ? say.keypadsEachAsListed(sheets.length)
            : say.keypadsKeyed(toDo.length, sheets.length)}
        </span>
        {toDo.length > 0 && (
          <Menu
            label={say.sheetsOnPaper}
            trigger={<Button icon={<Printer aria-hidden />}>{say.printTheSheets}</Button>}
            items={[
              { id: 'plain', label: say.withoutCodes, onSelect: () => paper.print(false) },
              {
                id: 'codes',
                label: say.codesWhoeverPaperCan,
                onSelect: () => {
                  store.note(say.keySheetsPrintedWithCodes);
                  paper.print(true);
                },
              },
            ]}
          />
        )}
      </div>
      <div className={css['sheet']}>
        <table className={table['table']}>
          <caption className="hush">{say.keypadsOfThisSite}</caption>
          <thead>
            <tr>
              <th scope="col">{say.door}</th>
              <th scope="col">{say.keypad}</th>
              <th scope="col">{say.known}</th>
              <th scope="col">{say.toBeKeyed}</th>
              <th scope="col">
                <span className="hush">{say.itsSheet}</span>
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
                    ? say.neverRecorded
                    : sheet.known
                      ? dayWords(sheet.known)
                      : say.noDayNoted}
                  {sheet.recorded?.rest ? say.notAllOfIt : ''}
                </td>
                <td>{sheet.open.length > 0 ? <b>{state(sheet)}</b> : state(sheet)}</td>
                <td>
                  <Button
                    size="s"
                    look="quiet"
                    onClick={() => go({ kind: 'door', door: sheet.device.door, station: 'program' })}
                  >
                    {say.itsSheet}
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
