import { useState } from 'react';
import type { Edit, Person } from '#core/plan/index';
import { say } from '#words/sitePages/access/Bulk';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextField } from '../../ui/Field';
import { useDispatch, usePlan } from '../../store/context';
import css from '../../parts/access/Access.module.css';

type What = 'give' | 'take' | 'group' | 'until';

/** One change for everybody who is shown, as one step of undo. */
export function Bulk({ people }: { people: readonly Person[] }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [open, setOpen] = useState(false);
  const [what, setWhat] = useState<What>('give');
  const [value, setValue] = useState('');
  const levels = Object.values(plan.levels).sort((a, b) => a.order - b.order);
  const level = levels.find(({ id }) => id === value) ?? levels[0];
  const byLevel = what === 'give' || what === 'take';
  const edits = people.flatMap((person): Edit[] => {
    const patch = patchOf(person, what, byLevel ? (level?.id ?? '') : value.trim());
    return patch ? [{ kind: 'setPerson', id: person.id, patch }] : [];
  });
  const label = say.changePeople(edits.length);
  const keep = () => {
    if (edits.length > 0 && dispatch({ kind: 'batch', label, edits }, label)) setOpen(false);
  };
  return (
    <>
      <Button disabled={people.length === 0} onClick={() => setOpen(true)}>
        {say.changeAllShown}
      </Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={people.length === 1 ? say.changeOnePerson : say.changePeople2(people.length)}
      >
        <form
          className={css['form']}
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <SelectField
            label={say.what}
            value={what}
            onChange={(event) => {
              setWhat(event.target.value as What);
              setValue('');
            }}
          >
            <option value="give">{say.giveALevel}</option>
            <option value="take">{say.takeALevel}</option>
            <option value="group">{say.putIntoAGroup}</option>
            <option value="until">{say.setTheLastDay}</option>
          </SelectField>
          {byLevel ? (
            levels.length === 0 ? (
              <p>{say.noLevelYetMake}</p>
            ) : (
              <SelectField
                label={say.level}
                value={level?.id ?? ''}
                onChange={(event) => setValue(event.target.value)}
              >
                {levels.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </SelectField>
            )
          ) : what === 'group' ? (
            <TextField
              label={say.group}
              hint={say.emptyInNoGroup}
              value={value}
              maxLength={80}
              onChange={(event) => setValue(event.target.value)}
            />
          ) : (
            <TextField
              label={say.lastDay}
              hint={say.emptyNoLastDay}
              type="date"
              value={value}
              onChange={(event) => setValue(event.target.value)}
            />
          )}
          <p role="status">
            {edits.length === 0
              ? say.thisChangesNobody
              : say.changesUndoTakesBack(edits.length, people.length)}
          </p>
          <Button type="submit" look="main" disabled={edits.length === 0}>
            {say.change(edits.length)}
          </Button>
        </form>
      </Dialog>
    </>
  );
}

function patchOf(person: Person, what: What, value: string): Partial<Person> | null {
  switch (what) {
    case 'give':
      return value === '' || person.levels.includes(value) ? null : { levels: [...person.levels, value] };
    case 'take':
      return person.levels.includes(value) ? { levels: person.levels.filter((one) => one !== value) } : null;
    case 'group':
      return person.group === value ? null : { group: value };
    case 'until':
      return (person.until ?? '') === value ? null : { until: value || null };
  }
}
