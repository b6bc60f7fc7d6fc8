import { useMemo, useState, type ReactNode } from 'react';
import type { Door } from '#core/plan/index';
import { doorParts, lockDeadState } from '#core/door/index';
import { STATE_SENTENCES, STATE_NAMES } from '#words/deadStates';
import { say } from '#words/parts/StationFrame';
import { useDispatch, usePlan } from '../store/context';
import css from './StationFrame.module.css';

interface Props {
  readonly door: Door;
  readonly tools?: ReactNode;
  readonly children: ReactNode;
  readonly foot?: ReactNode;
}

/** Heading of the door, the station's tools, its sheet, and a line at the foot of the sheet. */
export function StationFrame({ door, tools, children, foot }: Props) {
  const plan = usePlan();
  const { locks, breakGlasses } = useMemo(() => doorParts(plan, door.id), [plan, door.id]);
  const lock = locks[0];
  const state = door.deadState?.state ?? (lock ? lockDeadState(plan, lock) : null);
  const facts = [
    state ? `${STATE_NAMES[state]}: ${STATE_SENTENCES[state]}` : say.deadStateNotChosen,
    lock?.type.short,
    breakGlasses.length > 0 && say.breakGlass,
    door.notes,
  ].filter(Boolean);
  return (
    <>
      <div className={css['head']}>
        <DoorName door={door} />
        <p>{facts.join(' · ')}</p>
        {tools && <div className={css['tools']}>{tools}</div>}
      </div>
      <div className={css['sheet']}>
        {/* A scrolling region must be reachable by keyboard. */}
        <div className={css['scroll']} tabIndex={0} role="region" aria-label={say.sheet}>
          {children}
        </div>
        {foot && <div className={css['foot']}>{foot}</div>}
      </div>
    </>
  );
}

/** The door's name, changed where it stands. */
function DoorName({ door }: { door: Door }) {
  const dispatch = useDispatch();
  const [draft, setDraft] = useState<string | null>(null);
  const keep = () => {
    const name = draft?.trim();
    if (name !== undefined && name !== door.name)
      dispatch({ kind: 'setDoor', id: door.id, patch: { name } }, say.nameTheDoor);
    setDraft(null);
  };
  if (draft !== null) {
    return (
      <h1>
        {door.id}{' '}
        <input
          aria-label={say.nameOfTheDoor}
          autoFocus
          value={draft}
          maxLength={80}
          placeholder={say.aNameAStrangerUnderstands}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => {
            if (event.key === 'Enter') keep();
            if (event.key === 'Escape') setDraft(null);
          }}
        />
      </h1>
    );
  }
  return (
    <h1>
      {door.id}{' '}
      <button
        type="button"
        className={css['name']}
        onClick={() => setDraft(door.name)}
        title={say.changeTheName}
      >
        {door.name || say.unnamedDoor}
      </button>
    </h1>
  );
}
