import { doorsInOrder } from '#core/plan/index';
import { say } from '#words/sitePages/access/DoorPicker';
import { usePlan } from '../../store/context';
import css from '../../parts/access/Access.module.css';

interface Props {
  readonly label: string;
  readonly chosen: readonly string[];
  /** What it says where no door is chosen. */
  readonly none: string;
  onChange(doors: string[]): void;
}

/** Doors of the site, as many as are wanted: the chosen ones in a line, all of them when it is opened. */
export function DoorPicker({ label, chosen, none, onChange }: Props) {
  const doors = doorsInOrder(usePlan());
  const has = new Set(chosen);
  const inOrder = (ids: ReadonlySet<string>) => doors.filter(({ id }) => ids.has(id)).map(({ id }) => id);
  const toggle = (id: string) => {
    const next = new Set(has);
    if (!next.delete(id)) next.add(id);
    onChange(inOrder(next));
  };
  return (
    <details className={css['picker']}>
      <summary>
        <span className="hush">{label}: </span>
        {chosen.length === 0
          ? none
          : chosen.length === doors.length && doors.length > 3
            ? say.allDoors(doors.length)
            : inOrder(has).join(' ')}
      </summary>
      <div className={css['choices']} role="group" aria-label={label}>
        {doors.length > 3 && (
          <button
            type="button"
            className={css['chip']}
            onClick={() => onChange(chosen.length === doors.length ? [] : doors.map(({ id }) => id))}
          >
            {chosen.length === doors.length ? say.none : say.all}
          </button>
        )}
        {doors.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className={css['chip']}
            aria-pressed={has.has(id)}
            title={name}
            onClick={() => toggle(id)}
          >
            {id}
          </button>
        ))}
      </div>
    </details>
  );
}
