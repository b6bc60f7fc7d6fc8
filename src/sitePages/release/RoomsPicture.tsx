import { useMemo } from 'react';
import { BOX, DOOR_BOX, layRooms, type Opening, type Picture, type SiteGraph } from '#core/reach/index';
import { spaceWords } from '#words/reach';
import { say } from '#words/sitePages/release/RoomsPicture';
import { cx } from '../../ui/cx';
import { useNavigate } from '../../parts/navigation';
import css from './RoomsPicture.module.css';

interface Props {
  readonly graph: SiteGraph;
  /** Null until the doors are known: the rooms stand there already. */
  readonly picture: Picture | null;
  readonly title: string;
}

/** What a door says in its frame: whether people get out through it. */
const SAYS: Readonly<Record<Opening['out'], string>> = {
  free: say.out,
  act: 'act',
  no: say.shut,
  unsure: '?',
};

const away = (n: number): string => (n === 0 ? 'outside' : n === 1 ? say.oneDoorAway : say.doors(n));

/** Rooms and the doors between them, in one situation. */
export function RoomsPicture({ graph, picture, title }: Props) {
  const go = useNavigate();
  const layout = useMemo(() => layRooms(graph), [graph]);
  const named = new Map(graph.spaces.map((space) => [space.id, space]));
  return (
    <div className={css['frame']} tabIndex={0} role="region" aria-label={say.rooms(title)}>
      <svg
        className={css['picture']}
        viewBox={`0 0 ${layout.width} ${layout.height}`}
        width={layout.width}
        height={layout.height}
        role="group"
        aria-label={say.roomsAndDoors(title)}
      >
        {Array.from({ length: layout.columns }, (_, n) => (
          <text key={n} x={BOX.left + n * BOX.column + 4} y={20} className={css['column']}>
            {away(n)}
          </text>
        ))}
        {layout.loose && (
          <text x={BOX.left + layout.columns * BOX.column + 4} y={20} className={css['column']}>
            {say.noDoorLeadsThere}
          </text>
        )}
        {layout.doors.map(({ door, line }) => {
          const out = picture?.openings.get(door)?.out;
          return (
            <path
              key={door}
              d={`M${line.map((point) => point.join(',')).join(' L')}`}
              className={cx(css['way'], out && css[out])}
            />
          );
        })}
        {layout.spaces.map(({ id, x, y, width, height }) => {
          const space = named.get(id);
          const state = picture?.spaces.get(id);
          const breached = picture?.breached.has(id);
          return (
            <g
              key={id}
              role="img"
              aria-label={`${space?.name ?? id}: ${spaceWords(state)}${breached ? say.enteredFromOutside : ''}`}
            >
              <rect
                x={x}
                y={y}
                width={width}
                height={height}
                rx={3}
                className={cx(css['space'], state && css[state.status], space?.protected && css['protected'])}
              />
              <text x={x + 10} y={y + 21} className={css['name']}>
                {fit(space?.name ?? id)}
              </text>
              <text x={x + 10} y={y + 38} className={css['says']}>
                {fit(spaceWords(state), 17)}
              </text>
              {breached && (
                <text x={x + width - 8} y={y + height - 6} textAnchor="end" className={css['breach']}>
                  {say.openFromOutside}
                </text>
              )}
            </g>
          );
        })}
        {layout.doors.map(({ door, x, y }) => {
          const out = picture?.openings.get(door)?.out;
          const words = out ? SAYS[out] : '';
          return (
            <g
              key={door}
              role="link"
              tabIndex={0}
              aria-label={`${door}: ${words}`}
              className={css['door']}
              onClick={() => go({ kind: 'door', door, station: 'prove' })}
              onKeyDown={(event) => {
                if (event.key === 'Enter') go({ kind: 'door', door, station: 'prove' });
              }}
            >
              <rect
                x={x - DOOR_BOX.width / 2}
                y={y - DOOR_BOX.height / 2}
                width={DOOR_BOX.width}
                height={DOOR_BOX.height}
                rx={2}
                className={cx(css['leaf'], out && css[out])}
              />
              <text x={x} y={y - 3} textAnchor="middle" className={css['id']}>
                {door}
              </text>
              <text x={x} y={y + 11} textAnchor="middle" className={cx(css['word'], out && css[out])}>
                {words}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}

/** As much of a text as stands in a room's box. */
const fit = (text: string, most = 15): string =>
  text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`;
