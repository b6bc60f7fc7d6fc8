import { useForm } from 'react-hook-form';
import { blankPerson, type Person } from '#core/plan/index';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextField } from '../../ui/Field';
import { useDispatch, usePlan } from '../store/context';
import { DoorPicker } from './DoorPicker';
import css from './Access.module.css';

interface Form {
  name: string;
  group: string;
  role: Person['role'];
  from: string;
  until: string;
  facility: string;
  number: string;
  levels: string[];
  doors: string[];
}

/** A person with their levels, doors and days. Codes and slots are given at a door, where its keypad's rules stand. */
export function PersonForm({ person, onClose }: { person: Person | null; onClose(): void }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const levels = Object.values(plan.levels).sort((a, b) => a.order - b.order);
  const groups = [...new Set(Object.values(plan.people).map(({ group }) => group))].filter(Boolean).sort();
  const { register, handleSubmit, formState, watch, setValue } = useForm<Form>({
    defaultValues: {
      name: person?.name ?? '',
      group: person?.group ?? '',
      role: person?.role ?? 'user',
      from: person?.from ?? '',
      until: person?.until ?? '',
      facility: person?.card ? String(person.card.facility) : '',
      number: person?.card ? String(person.card.number) : '',
      levels: [...(person?.levels ?? [])],
      doors: [...(person?.doors ?? [])],
    },
  });
  const { errors } = formState;
  const numbers = Object.keys(plan.people).map((id) => Number(/^P(\d+)$/.exec(id)?.[1] ?? 0));
  const id = person?.id ?? `P${String(Math.max(0, ...numbers) + 1).padStart(2, '0')}`;
  const keep = handleSubmit((form) => {
    const next = {
      name: form.name.trim(),
      group: form.group.trim(),
      role: form.role,
      from: form.from || null,
      until: form.until || null,
      card: form.number === '' ? null : { facility: Number(form.facility || 0), number: Number(form.number) },
      levels: form.levels,
      doors: form.doors,
    };
    const done = person
      ? dispatch({ kind: 'setPerson', id, patch: next }, `change ${next.name}`)
      : dispatch(
          { kind: 'addPerson', person: { ...blankPerson(id, next.name), ...next } },
          `add ${next.name}`,
        );
    if (done) onClose();
  });
  const chosen = watch('levels');
  const group = watch('group').trim();
  const byGroup = levels.filter(({ groups: held }) => held.includes(group)).map(({ name }) => name);
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={person ? person.name : 'Somebody new'}>
      <form className={css['form']} onSubmit={(event) => void keep(event)} noValidate>
        <TextField
          label="Name"
          autoFocus
          error={errors.name?.message}
          maxLength={200}
          {...register('name', { validate: (name) => name.trim() !== '' || 'A name is needed.' })}
        />
        <div className={css['pair']}>
          <TextField label="Group" list="person-groups" maxLength={80} {...register('group')} />
          <SelectField label="Role" {...register('role')}>
            <option value="user">Opens doors</option>
            <option value="administrator">Administers</option>
          </SelectField>
        </div>
        <datalist id="person-groups">
          {groups.map((group) => (
            <option key={group} value={group} />
          ))}
        </datalist>
        <fieldset className={css['fieldset']}>
          <legend>Levels</legend>
          {levels.length === 0 && <p className={css['hint']}>None yet: they are made at Levels.</p>}
          <div className={css['choices']}>
            {levels.map((level) => (
              <button
                key={level.id}
                type="button"
                className={css['chip']}
                aria-pressed={chosen.includes(level.id)}
                onClick={() =>
                  setValue(
                    'levels',
                    chosen.includes(level.id)
                      ? chosen.filter((one) => one !== level.id)
                      : [...chosen, level.id],
                  )
                }
              >
                {level.name}
              </button>
            ))}
          </div>
          {byGroup.length > 0 && (
            <p className={css['hint']}>
              As one of {group}: {byGroup.join(', ')}.
            </p>
          )}
        </fieldset>
        <fieldset className={css['fieldset']}>
          <legend>Doors by name, at all hours</legend>
          <DoorPicker
            label="Doors by name"
            chosen={watch('doors')}
            none="none"
            onChange={(doors) => setValue('doors', doors)}
          />
        </fieldset>
        <div className={css['pair']}>
          <TextField label="First day" type="date" {...register('from')} />
          <TextField
            label="Last day"
            type="date"
            error={errors.until?.message}
            {...register('until', {
              validate: (until, { from }) =>
                until === '' || from === '' || until >= from || 'It is before the first day.',
            })}
          />
        </div>
        <div className={css['pair']}>
          <TextField
            label="Card: facility"
            inputMode="numeric"
            error={errors.facility?.message}
            {...register('facility', {
              validate: (text) => text === '' || /^\d{1,5}$/.test(text) || 'Digits, up to 65535.',
            })}
          />
          <TextField
            label="Card: number"
            inputMode="numeric"
            error={errors.number?.message}
            {...register('number', {
              validate: (text, { facility }) =>
                (text === '' && facility === '') || /^\d{1,10}$/.test(text) || 'Digits.',
            })}
          />
        </div>
        <Button type="submit" look="main">
          {person ? 'Keep' : 'Add'}
        </Button>
      </form>
    </Dialog>
  );
}
