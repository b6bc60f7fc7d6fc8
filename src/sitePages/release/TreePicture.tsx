import { useMemo } from 'react';
import { findIn } from '#core/plan/index';
import { layTree, TREE, type ReleaseTree, type TreeColumn } from '#core/reach/index';
import { TREE_COLUMNS, treeBoxWords } from '#words/releaseTree';
import { say } from '#words/sitePages/release/TreePicture';
import { cx } from '../../ui/cx';
import { usePlan } from '../../store/context';
import css from './TreePicture.module.css';

/** As much of a text as stands in a box, by its letters' usual width. */
const fit = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`;

/** What releases what: zones, the relays that they trip, what those work on, doors; with the wires as they are. */
export function TreePicture({ tree }: { tree: ReleaseTree }) {
  const plan = usePlan();
  const layout = useMemo(() => layTree(tree), [tree]);
  const doorName = (id: string) => findIn(plan.doors, id)?.name ?? '';
  return (
    <div className={css['frame']} tabIndex={0} role="region" aria-label={say.releasesPicture}>
      <svg
        className={css['picture']}
        viewBox={`0 0 ${layout.width} ${layout.height}`}
        width={layout.width}
        height={layout.height}
        role="group"
        aria-label={say.fireZonesRelaysThey}
      >
        {(Object.keys(TREE_COLUMNS) as TreeColumn[]).map((column, n) => (
          <text key={column} x={TREE.left + n * TREE.column} y={16} className={css['column']}>
            {TREE_COLUMNS[column]}
          </text>
        ))}
        {layout.edges.map(({ from, to, far, idle }) => {
          const [x, y] = [from.x + TREE.box, from.y + TREE.height / 2];
          const [end, at] = [to.x, to.y + TREE.height / 2];
          const bend = end - (TREE.column - TREE.box) / 2;
          return (
            <path
              key={`${from.column} ${from.id} ${to.id}`}
              d={`M${x},${y} H${bend} V${at} H${end}`}
              className={cx(css['line'], far && css['far'], idle && css['idle'])}
            />
          );
        })}
        {layout.boxes.map(({ column, id, x, y, loose, shut }) => {
          const [name, more] = treeBoxWords(tree, column, id, doorName);
          return (
            <g key={`${column} ${id}`} role="img" aria-label={`${TREE_COLUMNS[column]} ${name}: ${more}`}>
              <rect
                x={x}
                y={y}
                width={TREE.box}
                height={TREE.height}
                rx={2}
                className={cx(css['box'], css[column], shut && css['shut'], loose && css['loose'])}
              />
              <text x={x + 8} y={y + 15} className={css['name']}>
                {fit(name, 22)}
              </text>
              <text x={x + 8} y={y + 29} className={css['more']}>
                {fit(more, 31)}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
