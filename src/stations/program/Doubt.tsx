import { say } from '#words/stations/program/KeypadProgramming';
import css from './ProgramStation.module.css';

interface Props {
  readonly tag: string;
  /** The keypad can erase everybody by its keys. */
  readonly mayWipe: boolean;
  readonly wipesFirst: boolean;
  onWipe(first: boolean): void;
}

/** Nobody knows what else stands in the keypad: look, or erase everybody first. */
export function Doubt({ tag, mayWipe, wipesFirst, onWipe }: Props) {
  return (
    <div className={css['doubt']}>
      <p>
        {say.elseStandsNobodyKnows(tag)}
        {!mayWipe && say.lookOtherSlotsReset}
      </p>
      {mayWipe && (
        <label>
          <input type="checkbox" checked={wipesFirst} onChange={({ target: box }) => onWipe(box.checked)} />
          {say.wipeEverybodyFirstKey}
        </label>
      )}
    </div>
  );
}
