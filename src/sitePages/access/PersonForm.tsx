import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { blankPerson, type HeldCard, type Person } from '#core/plan/index';
import { say } from '#words/sitePages/access/PersonForm';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextField } from '../../ui/Field';
import { useDispatch, useSite } from '../../store/context';
import { cardFault, CardsField } from '../../parts/codes/CardsField';
import { CodesAway } from '../../parts/codes/CodesAway';
import { CodeField, useCodeFaults } from '../../parts/codes/CodeField';
import { DoorPicker } from './DoorPicker';
import css from '../../parts/access/Access.module.css';

interface Form {
  name: string;
  group: string;
  role: Person['role'];
  from: string;
  until: string;
  phone: string;
  fingers: string;
  levels: string[];
  doors: string[];
}

/** A person with their levels, doors, days, code and cards. Slots are given at a door, where its keypad stands. */
export function PersonForm({ person, onClose }: { person: Person | null; onClose(): void }) {
  const { plan, complete } = useSite();
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
      phone: person?.phone ?? '',
      fingers: String(person?.fingers ?? 0),
      levels: [...(person?.levels ?? [])],
      doors: [...(person?.doors ?? [])],
    },
  });
  const { errors } = formState;
  const numbers = Object.keys(plan.people).map((id) => Number(/^P(\d+)$/.exec(id)?.[1] ?? 0));
  const id = person?.id ?? `P${String(Math.max(0, ...numbers) + 1).padStart(2, '0')}`;
  const [cards, setCards] = useState<readonly HeldCard[]>(person?.cards ?? []);
  const [code, setCode] = useState(person?.code ?? '');
  const draft: Person = {
    ...(person ?? blankPerson(id, '')),
    code,
    levels: watch('levels'),
    doors: watch('doors'),
    group: watch('group').trim(),
  };
  const faults = useCodeFaults(draft);
  const keep = handleSubmit((form) => {
    if (faults.length > 0 || cards.some((_, at) => cardFault(plan, cards, at))) return;
    const next = {
      name: form.name.trim(),
      group: form.group.trim(),
      role: form.role,
      from: form.from || null,
      until: form.until || null,
      code,
      cards,
      phone: form.phone.trim(),
      fingers: Number(form.fingers),
      levels: form.levels,
      doors: form.doors,
    };
    const done = person
      ? dispatch({ kind: 'setPerson', id, patch: next }, say.change(next.name))
      : dispatch(
          { kind: 'addPerson', person: { ...blankPerson(id, next.name), ...next } },
          say.add(next.name),
        );
    if (done) onClose();
  });
  const chosen = watch('levels');
  const group = watch('group').trim();
  const byGroup = levels.filter(({ groups: held }) => held.includes(group)).map(({ name }) => name);
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={person ? person.name : say.somebodyNew}>
      <form className={css['form']} onSubmit={(event) => void keep(event)} noValidate>
        <TextField
          label={say.name}
          autoFocus
          error={errors.name?.message}
          maxLength={200}
          {...register('name', { validate: (name) => name.trim() !== '' || say.aNameIsNeeded })}
        />
        <div className={css['pair']}>
          <TextField label={say.group} list="person-groups" maxLength={80} {...register('group')} />
          <SelectField label={say.role} {...register('role')}>
            <option value="user">{say.opensDoors}</option>
            <option value="administrator">{say.administers}</option>
          </SelectField>
        </div>
        <datalist id="person-groups">
          {groups.map((group) => (
            <option key={group} value={group} />
          ))}
        </datalist>
        <fieldset className={css['fieldset']}>
          <legend>{say.levels}</legend>
          {levels.length === 0 && <p className={css['hint']}>{say.noneYetTheyMade}</p>}
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
          {byGroup.length > 0 && <p className={css['hint']}>{say.asOneOf(group, byGroup.join(', '))}</p>}
        </fieldset>
        <fieldset className={css['fieldset']}>
          <legend>{say.doorsNameAllHours}</legend>
          <DoorPicker
            label={say.doorsByName}
            chosen={watch('doors')}
            none="none"
            onChange={(doors) => setValue('doors', doors)}
          />
        </fieldset>
        <div className={css['pair']}>
          <TextField label={say.firstDay} type="date" {...register('from')} />
          <TextField
            label={say.lastDay}
            type="date"
            error={errors.until?.message}
            {...register('until', {
              validate: (until, { from }) =>
                until === '' || from === '' || until >= from || say.beforeFirstDay,
            })}
          />
        </div>
        {complete ? (
          <>
            <CodeField person={draft} onChange={setCode} />
            <CardsField cards={cards} onChange={setCards} />
          </>
        ) : (
          <CodesAway className={css['hint']} />
        )}
        <div className={css['pair']}>
          <TextField label={say.phone} type="tel" maxLength={40} {...register('phone')} />
          <TextField
            label={say.fingersReadIn}
            inputMode="numeric"
            error={errors.fingers?.message}
            {...register('fingers', {
              validate: (text) => (/^\d{1,2}$/.test(text) && Number(text) <= 10) || say.noneToTen,
            })}
          />
        </div>
        <Button type="submit" look="main" disabled={!complete}>
          {person ? say.keep : say.add2}
        </Button>
      </form>
    </Dialog>
  );
}
