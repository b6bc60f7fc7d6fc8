import { useEffect, useRef, useState } from 'react';
import ArrowDown from 'lucide-react/icons/arrow-down';
import ArrowUp from 'lucide-react/icons/arrow-up';
import MoreHorizontal from 'lucide-react/icons/more-horizontal';
import { conductorsOf, devicesOf, doorsInOrder, type Door } from '#core/plan/index';
import { STATE_NAMES } from '#words/deadStates';
import { say } from '#words/sitePages/doors/DoorsPage';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { DeadStateGlyph } from '../../ui/glyphs';
import { LongBody } from '../../ui/LongBody';
import { Menu } from '../../ui/Menu';
import { DoorMark, useAddDoor } from '../../parts/doors';
import { routePath } from '../../parts/route';
import { useNavigate } from '../../parts/navigation';
import type { SitePageProps } from '../../parts/given';
import { useDispatch, usePlan } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import page from '../../parts/SitePages.module.css';
import { NewDoorsDialog } from './NewDoorsDialog';
import { RemoveDoorDialog } from '../../parts/RemoveDoor';
import { RenumberDialog } from './RenumberDialog';
import css from './Doors.module.css';

type Asking =
  | { readonly kind: 'new'; readonly like: string | null; readonly count: number }
  | { readonly kind: 'renumber' | 'remove'; readonly door: Door };

/** Every door of the site in one table: their order, numbers and names, copies and many alike. */
export function DoorsPage({ summaries }: SitePageProps) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const go = useNavigate();
  const add = useAddDoor();
  const [asking, setAsking] = useState<Asking | null>(null);
  const [open, setOpen] = useState(false);
  const ask = (what: Asking) => {
    setAsking(what);
    setOpen(true);
  };
  const doors = doorsInOrder(plan);
  const moved = useFocusAfterMove();
  const move = (index: number, by: 1 | -1) => {
    const [door, other] = [doors[index], doors[index + by]];
    if (!door || !other) return;
    // Doors of an older file may share a place: all get one of their own.
    const order = doors.map(({ id }) => id);
    [order[index], order[index + by]] = [other.id, door.id];
    const edits = order.flatMap((id, at) =>
      plan.doors[id]!.order === at + 1 ? [] : [{ kind: 'setDoor', id, patch: { order: at + 1 } } as const],
    );
    if (dispatch({ kind: 'batch', label: say.moveInTheLedger(door.id), edits }, say.moveInTheLedger(door.id)))
      moved(`${door.id} ${by}`);
  };
  if (doors.length === 0)
    return (
      <Empty
        title={say.noDoorsYet}
        action={
          <Button look="main" size="l" onClick={add}>
            {say.planTheFirstDoor}
          </Button>
        }
      >
        {say.takeListDoorsAlready}{' '}
        <Button size="s" onClick={() => ask({ kind: 'new', like: null, count: 1 })}>
          {say.doorsFromAList}
        </Button>
        {asking?.kind === 'new' && <NewDoorsDialog {...asking} open={open} onOpenChange={setOpen} />}
      </Empty>
    );
  return (
    <>
      <p className={css['tools']}>
        <Button look="main" onClick={add}>
          {say.addADoor}
        </Button>
        <Button onClick={() => ask({ kind: 'new', like: doors[0]!.id, count: 10 })}>
          {say.severalAlike}
        </Button>
        <Button onClick={() => ask({ kind: 'new', like: null, count: 1 })}>{say.doorsFromAList}</Button>
      </p>
      <div className={page['sheet']}>
        <table className={`${table['table']} ${table['stack']}`}>
          <caption className="hush">{say.doorsSiteOrderLedger}</caption>
          <thead>
            <tr>
              <th scope="col">
                <span className="hush">{say.order}</span>
              </th>
              <th scope="col">{say.door}</th>
              <th scope="col">{say.name}</th>
              <th scope="col">{say.withoutPower}</th>
              <th scope="col" className={table['right']}>
                {say.devices}
              </th>
              <th scope="col" className={table['right']}>
                {say.wires}
              </th>
              <th scope="col" className={table['right']}>
                {say.assumed}
              </th>
              <th scope="col">{say.verdict}</th>
              <th scope="col">
                <span className="hush">{say.whatToDoWithIt}</span>
              </th>
            </tr>
          </thead>
          <LongBody rows={doors} keyOf={({ id }) => id}>
            {(door, index) => (
              <tr>
                <td>
                  <span className={css['order']}>
                    <Button
                      size="s"
                      look="quiet"
                      data-move={`${door.id} -1`}
                      aria-label={say.moveUp(door.id)}
                      icon={<ArrowUp aria-hidden />}
                      disabled={index === 0}
                      onClick={() => move(index, -1)}
                    />
                    <Button
                      size="s"
                      look="quiet"
                      data-move={`${door.id} 1`}
                      aria-label={say.moveDown(door.id)}
                      icon={<ArrowDown aria-hidden />}
                      disabled={index === doors.length - 1}
                      onClick={() => move(index, 1)}
                    />
                  </span>
                </td>
                <th scope="row">
                  <a
                    className={css['link']}
                    href={routePath(plan.site.id, { kind: 'door', door: door.id, station: 'wire' })}
                    onClick={(event) => {
                      if (event.metaKey || event.ctrlKey) return;
                      event.preventDefault();
                      go({ kind: 'door', door: door.id, station: 'wire' });
                    }}
                  >
                    {door.id}
                  </a>
                </th>
                <td className={table['grow']}>
                  <DoorName door={door} />
                </td>
                <td className={table['whole']}>
                  <span className={css['state']}>
                    <DeadStateGlyph state={door.deadState?.state ?? null} />
                    {door.deadState ? STATE_NAMES[door.deadState.state] : say.notChosen}
                  </span>
                </td>
                <td className={`${table['right']} ${table['figures']}`} data-label={say.devices}>
                  {devicesOf(plan, door.id).length}
                </td>
                <td className={`${table['right']} ${table['figures']}`} data-label={say.wires}>
                  {conductorsOf(plan, door.id).length}
                </td>
                <td className={`${table['right']} ${table['figures']}`} data-label={say.assumed}>
                  {conductorsOf(plan, door.id).filter(({ assumed }) => assumed.length > 0).length || '—'}
                </td>
                <td>
                  <DoorMark summary={summaries[door.id]} />
                </td>
                <td className={`${table['right']} ${table['last']}`}>
                  <Menu
                    label={`${door.id}`}
                    trigger={
                      <Button
                        size="s"
                        look="quiet"
                        aria-label={say.moreFor(door.id)}
                        icon={<MoreHorizontal aria-hidden />}
                      />
                    }
                    items={[
                      {
                        id: 'copy',
                        label: say.copyIt,
                        onSelect: () => ask({ kind: 'new', like: door.id, count: 1 }),
                      },
                      {
                        id: 'many',
                        label: say.tenMoreLikeIt,
                        onSelect: () => ask({ kind: 'new', like: door.id, count: 10 }),
                      },
                      {
                        id: 'number',
                        label: say.anotherNumber,
                        onSelect: () => ask({ kind: 'renumber', door }),
                      },
                      { id: 'remove', label: say.removeIt, onSelect: () => ask({ kind: 'remove', door }) },
                    ]}
                  />
                </td>
              </tr>
            )}
          </LongBody>
        </table>
      </div>
      {asking?.kind === 'new' && <NewDoorsDialog {...asking} open={open} onOpenChange={setOpen} />}
      {asking?.kind === 'renumber' && (
        <RenumberDialog key={asking.door.id} door={asking.door} open={open} onOpenChange={setOpen} />
      )}
      {asking?.kind === 'remove' && (
        <RemoveDoorDialog door={asking.door} open={open} onOpenChange={setOpen} />
      )}
    </>
  );
}

/** Puts the focus back on the button that moved a row: the row is somewhere else now. */
function useFocusAfterMove(): (button: string) => void {
  const wanted = useRef<string | null>(null);
  useEffect(() => {
    if (wanted.current === null) return;
    const [id, by] = wanted.current.split(' ');
    wanted.current = null;
    const find = (way: string) =>
      document.querySelector<HTMLButtonElement>(`[data-move="${CSS.escape(id!)} ${way}"]:not(:disabled)`);
    (find(by!) ?? find(by === '1' ? '-1' : '1'))?.focus();
  });
  return (button) => {
    wanted.current = button;
  };
}

/** The name, changed where it stands. */
function DoorName({ door }: { door: Door }) {
  const dispatch = useDispatch();
  const [draft, setDraft] = useState<string | null>(null);
  const keep = () => {
    if (draft !== null && draft.trim() !== door.name)
      dispatch({ kind: 'setDoor', id: door.id, patch: { name: draft.trim() } }, say.name2(door.id));
    setDraft(null);
  };
  return (
    <input
      className={css['lineName']}
      aria-label={say.nameOf(door.id)}
      placeholder={say.unnamedDoor}
      value={draft ?? door.name}
      maxLength={80}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') setDraft(null);
      }}
    />
  );
}
