import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import { doorsInOrder, findIn, type Door, type SpaceKind } from '#core/plan/index';
import type { SiteGraph } from '#core/reach/index';
import { SPACE_KIND_WORDS } from '#words/reach';
import { say } from '#words/sitePages/release/DescribeRooms';
import { Button } from '../../ui/Button';
import { useDispatch, usePlan } from '../../store/context';
import { newId } from '../../store/newId';
import table from '../../ui/DataTable.module.css';
import css from './Release.module.css';

/** Which rooms there are, and between which of them each door stands. */
export function DescribeRooms({ graph }: { graph: SiteGraph }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [name, setName] = useState('');
  const add = (kind: SpaceKind) => {
    const named = name.trim() || (kind === 'outside' ? say.outside : say.room(graph.spaces.length));
    dispatch(
      {
        kind: 'addSpace',
        space: { id: newId(), name: named, kind, protected: false, order: graph.spaces.length },
      },
      say.addARoom,
    );
    setName('');
  };
  const hasOutside = graph.spaces.some(({ kind }) => kind === 'outside');
  return (
    <details className={css['describe']} open={graph.spaces.length === 0 || graph.unsaid.length > 0}>
      <summary>{say.roomsWhichDoorStands}</summary>
      <div className={css['tables']}>
        <table className={table['table']}>
          <caption className="hush">{say.rooms}</caption>
          <thead>
            <tr>
              <th scope="col">{say.room2}</th>
              <th scope="col">{say.whatItIs}</th>
              <th scope="col">{say.protected}</th>
              <th scope="col" className="hush">
                {say.remove}
              </th>
            </tr>
          </thead>
          <tbody>
            {graph.spaces.map((space) => (
              <tr key={space.id}>
                <th scope="row">
                  <RoomName key={space.name} id={space.id} name={space.name} />
                </th>
                <td>
                  <select
                    aria-label={say.whatIs(space.name)}
                    value={space.kind}
                    onChange={(event) =>
                      dispatch(
                        { kind: 'setSpace', id: space.id, patch: { kind: event.target.value as SpaceKind } },
                        say.sayWhatARoomIs,
                      )
                    }
                  >
                    {Object.entries(SPACE_KIND_WORDS).map(([kind, words]) => (
                      <option key={kind} value={kind}>
                        {words}
                      </option>
                    ))}
                  </select>
                </td>
                <td>
                  <input
                    type="checkbox"
                    aria-label={say.isProtected(space.name)}
                    checked={space.protected}
                    onChange={(event) =>
                      dispatch(
                        { kind: 'setSpace', id: space.id, patch: { protected: event.target.checked } },
                        say.protectARoom,
                      )
                    }
                  />
                </td>
                <td>
                  <Button
                    size="s"
                    look="quiet"
                    aria-label={say.remove2(space.name)}
                    onClick={() => dispatch({ kind: 'removeSpace', id: space.id }, say.takeOutARoom)}
                  >
                    {say.remove}
                  </Button>
                </td>
              </tr>
            ))}
            <tr>
              <th scope="row">
                <input
                  aria-label={say.nameOfANewRoom}
                  placeholder={say.anotherRoom}
                  value={name}
                  maxLength={80}
                  onChange={(event) => setName(event.target.value)}
                  onKeyDown={(event) => {
                    if (event.key === 'Enter') add(hasOutside ? 'room' : 'outside');
                  }}
                />
              </th>
              <td colSpan={3}>
                {!hasOutside && (
                  <Button size="s" icon={<Plus aria-hidden />} onClick={() => add('outside')}>
                    {say.outside}
                  </Button>
                )}{' '}
                <Button size="s" icon={<Plus aria-hidden />} onClick={() => add('room')}>
                  {say.room2}
                </Button>
              </td>
            </tr>
          </tbody>
        </table>
        {graph.spaces.length > 1 && (
          <table className={table['table']}>
            <caption className="hush">{say.sidesOfEachDoor}</caption>
            <thead>
              <tr>
                <th scope="col">{say.door}</th>
                <th scope="col">{say.itsOuterSide}</th>
                <th scope="col">{say.itsInnerSide}</th>
              </tr>
            </thead>
            <tbody>
              {doorsInOrder(plan).map((door) => (
                <SidesRow key={door.id} door={door} graph={graph} />
              ))}
            </tbody>
          </table>
        )}
      </div>
    </details>
  );
}

function RoomName({ id, name }: { id: string; name: string }) {
  const dispatch = useDispatch();
  const [draft, setDraft] = useState(name);
  const keep = () => {
    const next = draft.trim();
    if (next && next !== name) dispatch({ kind: 'setSpace', id, patch: { name: next } }, say.nameARoom);
    else setDraft(name);
  };
  return (
    <input
      aria-label={say.nameOf(name)}
      value={draft}
      maxLength={80}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') setDraft(name);
      }}
    />
  );
}

function SidesRow({ door, graph }: { door: Door; graph: SiteGraph }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const sides = findIn(plan.sides, door.id) ?? { id: door.id, outside: null, inside: null };
  const put = (side: 'outside' | 'inside', space: string) =>
    dispatch(
      { kind: 'setSides', id: door.id, sides: { ...sides, [side]: space === '' ? null : space } },
      say.sayWhereStands(door.id),
    );
  return (
    <tr>
      <th scope="row">
        {door.id} {door.name}
      </th>
      {(['outside', 'inside'] as const).map((side) => (
        <td key={side}>
          <select
            aria-label={say.side(door.id, side === 'outside')}
            value={sides[side] ?? ''}
            onChange={(event) => put(side, event.target.value)}
          >
            <option value="">{say.notSaid}</option>
            {graph.spaces.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </td>
      ))}
    </tr>
  );
}
