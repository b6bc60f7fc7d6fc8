import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import { doorsInOrder, findIn, type Door, type SpaceKind } from '#core/plan/index';
import type { SiteGraph } from '#core/reach/index';
import { SPACE_KIND_WORDS } from '#words/reach';
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
    const named = name.trim() || (kind === 'outside' ? 'Outside' : `Room ${graph.spaces.length}`);
    dispatch(
      {
        kind: 'addSpace',
        space: { id: newId(), name: named, kind, protected: false, order: graph.spaces.length },
      },
      'add a room',
    );
    setName('');
  };
  const hasOutside = graph.spaces.some(({ kind }) => kind === 'outside');
  return (
    <details className={css['describe']} open={graph.spaces.length === 0 || graph.unsaid.length > 0}>
      <summary>Rooms, and which door stands between them</summary>
      <div className={css['tables']}>
        <table className={table['table']}>
          <caption className="hush">Rooms</caption>
          <thead>
            <tr>
              <th scope="col">Room</th>
              <th scope="col">What it is</th>
              <th scope="col">Protected</th>
              <th scope="col" className="hush">
                Remove
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
                    aria-label={`What ${space.name} is`}
                    value={space.kind}
                    onChange={(event) =>
                      dispatch(
                        { kind: 'setSpace', id: space.id, patch: { kind: event.target.value as SpaceKind } },
                        'say what a room is',
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
                    aria-label={`${space.name} is protected`}
                    checked={space.protected}
                    onChange={(event) =>
                      dispatch(
                        { kind: 'setSpace', id: space.id, patch: { protected: event.target.checked } },
                        'protect a room',
                      )
                    }
                  />
                </td>
                <td>
                  <Button
                    size="s"
                    look="quiet"
                    aria-label={`Remove ${space.name}`}
                    onClick={() => dispatch({ kind: 'removeSpace', id: space.id }, 'take out a room')}
                  >
                    Remove
                  </Button>
                </td>
              </tr>
            ))}
            <tr>
              <th scope="row">
                <input
                  aria-label="Name of a new room"
                  placeholder="Another room"
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
                    Outside
                  </Button>
                )}{' '}
                <Button size="s" icon={<Plus aria-hidden />} onClick={() => add('room')}>
                  Room
                </Button>
              </td>
            </tr>
          </tbody>
        </table>
        {graph.spaces.length > 1 && (
          <table className={table['table']}>
            <caption className="hush">Sides of each door</caption>
            <thead>
              <tr>
                <th scope="col">Door</th>
                <th scope="col">Its outer side</th>
                <th scope="col">Its inner side</th>
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
    if (next && next !== name) dispatch({ kind: 'setSpace', id, patch: { name: next } }, 'name a room');
    else setDraft(name);
  };
  return (
    <input
      aria-label={`Name of ${name}`}
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
      `say where ${door.id} stands`,
    );
  return (
    <tr>
      <th scope="row">
        {door.id} {door.name}
      </th>
      {(['outside', 'inside'] as const).map((side) => (
        <td key={side}>
          <select
            aria-label={`${door.id}, ${side === 'outside' ? 'outer' : 'inner'} side`}
            value={sides[side] ?? ''}
            onChange={(event) => put(side, event.target.value)}
          >
            <option value="">not said</option>
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
