import { say } from '#words/sitePages/types/TypeEditor';
import { SelectField } from '../../ui/Field';
import { blankLock } from './blankType';
import { FunctionRows } from './FunctionRows';
import css from './TypeEditor.module.css';
import { boardOf, type TypePart } from './typePart';
import { choicesOf, ValueFields } from './ValueFields';

/** What a type does over time, and what it is as a lock. */
export function TypeDoes({ draft, set, onChange }: TypePart) {
  const [choices, board] = [choicesOf(draft), boardOf(draft)];
  return (
    <section aria-label={say.whatItDoes}>
      <h3>{say.whatItDoesOverTime}</h3>
      <FunctionRows
        type={draft}
        choices={choices}
        board={board}
        onChange={(functions) => set({ functions })}
      />
      <SelectField
        label={say.asALock}
        value={draft.lock?.kind ?? 'none'}
        onChange={(event) => {
          const kind = event.target.value as 'none' | 'magnet' | 'strike';
          const wanted = draft.parts.find((part) =>
            kind === 'magnet' ? part.kind === 'load' || part.kind === 'coil' : part.kind === 'coil',
          );
          const { lock: _old, ...rest } = draft;
          const lock = blankLock(kind, wanted?.id ?? '');
          onChange(lock ? { ...rest, lock } : rest);
        }}
      >
        <option value="none">{say.itIsNoLock}</option>
        <option value="magnet">{say.magnetHoldsByCurrent}</option>
        <option value="strike">{say.strikeBoltMortiseLock}</option>
      </SelectField>
      {draft.lock && (
        <div className={css['row']}>
          <ValueFields
            value={draft.lock}
            path="lock"
            choices={choices}
            skip={['kind']}
            onChange={(lock) => set({ lock })}
          />
        </div>
      )}
    </section>
  );
}
