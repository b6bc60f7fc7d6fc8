import { useState } from 'react';
import type { Edit, Person } from '#core/plan/index';
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
  const label = `change ${edits.length} people`;
  const keep = () => {
    if (edits.length > 0 && dispatch({ kind: 'batch', label, edits }, label)) setOpen(false);
  };
  return (
    <>
      <Button disabled={people.length === 0} onClick={() => setOpen(true)}>
        Change all shown…
      </Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={people.length === 1 ? 'Change one person' : `Change ${people.length} people`}
      >
        <form
          className={css['form']}
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
        >
          <SelectField
            label="What"
            value={what}
            onChange={(event) => {
              setWhat(event.target.value as What);
              setValue('');
            }}
          >
            <option value="give">Give a level</option>
            <option value="take">Take a level</option>
            <option value="group">Put into a group</option>
            <option value="until">Set the last day</option>
          </SelectField>
          {byLevel ? (
            levels.length === 0 ? (
              <p>There is no level yet: make one at Levels.</p>
            ) : (
              <SelectField
                label="Level"
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
              label="Group"
              hint="Empty: in no group."
              value={value}
              maxLength={80}
              onChange={(event) => setValue(event.target.value)}
            />
          ) : (
            <TextField
              label="Last day"
              hint="Empty: no last day."
              type="date"
              value={value}
              onChange={(event) => setValue(event.target.value)}
            />
          )}
          <p role="status">
            {edits.length === 0
              ? 'This changes nobody.'
              : `This changes ${edits.length} of ${people.length}; undo takes it back in one step.`}
          </p>
          <Button type="submit" look="main" disabled={edits.length === 0}>
            Change {edits.length}
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
