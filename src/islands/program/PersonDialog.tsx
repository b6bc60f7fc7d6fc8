import { useForm } from 'react-hook-form';
import { codeProblem, languageOf, freeSlot } from '#core/keypads/index';
import { opensEver, UNLIMITED, typeIn, type Device, type Door, type Person } from '#core/plan/index';
import { codeProblemWords } from '#words/findings/index';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextField } from '../../ui/Field';
import { useDispatch, usePlan } from '../store/context';
import css from './PersonDialog.module.css';

interface Form {
  name: string;
  role: Person['role'];
  code: string;
  facility: string;
  number: string;
  slot: string;
}

interface Props {
  /** Null for a new person. */
  readonly person: Person | null;
  readonly door: Door;
  /** The keypad that keeps this door's codes, if one does. */
  readonly keypad: Device | null;
  onClose(): void;
}

const inRange = (text: string, most: number) => /^\d+$/.test(text) && Number(text) <= most;

/** A person with code, card and slot, checked against what the keypad takes. */
export function PersonDialog({ person, door, keypad, onClose }: Props) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const language = keypad ? languageOf(plan, typeIn(plan, keypad).language) : undefined;
  const slot = keypad && person ? person.slots[keypad.id] : undefined;
  const suggested = keypad && language && slot === undefined ? freeSlot(plan, keypad.id, language) : slot;
  const { register, handleSubmit, formState } = useForm<Form>({
    defaultValues: {
      name: person?.name ?? '',
      role: person?.role ?? 'user',
      code: person?.code ?? '',
      facility: person?.card ? String(person.card.facility) : '',
      number: person?.card ? String(person.card.number) : '',
      slot: suggested === null || suggested === undefined ? '' : String(suggested),
    },
  });
  const { errors } = formState;
  const others = Object.values(plan.people).filter((one) => one.id !== person?.id);
  const checkCode = (code: string) => {
    if (code === '') return true;
    if (!language || !keypad) return /^\d{4,8}$/.test(code) || 'Four to eight digits.';
    const held = others.filter((one) => opensEver(plan, one, door.id)).map((one) => one.code);
    const programming = plan.memories[keypad.id]?.programmingCode ?? language.factoryCode;
    const problem = codeProblem(language, code, programming, held);
    return problem === null || `${codeProblemWords(problem)}.`;
  };
  const checkSlot = (text: string) => {
    if (!keypad || !language?.slots || text === '') return true;
    const { first, last } = language.slots;
    if (!/^\d+$/.test(text) || Number(text) < first || Number(text) > last)
      return `A slot from ${first} to ${last}.`;
    const owner = others.find((one) => one.slots[keypad.id] === Number(text));
    return !owner || `${owner.name} has this slot.`;
  };
  const keep = handleSubmit((form) => {
    const { [keypad?.id ?? '']: _old, ...rest } = person?.slots ?? {};
    const { group, levels, from, until } = person ?? UNLIMITED;
    const next: Omit<Person, 'id'> = {
      name: form.name.trim(),
      role: form.role,
      code: form.code,
      card: form.number === '' ? null : { facility: Number(form.facility || 0), number: Number(form.number) },
      // Whoever opens this door by a level is not given it by name as well: by name it opens at all hours.
      doors: person && opensEver(plan, person, door.id) ? person.doors : [...(person?.doors ?? []), door.id],
      group,
      levels,
      from,
      until,
      slots: keypad && form.slot !== '' ? { ...rest, [keypad.id]: Number(form.slot) } : rest,
    };
    const numbers = Object.keys(plan.people).map((id) => Number(/^P(\d+)$/.exec(id)?.[1] ?? 0));
    const id = person?.id ?? `P${String(Math.max(0, ...numbers) + 1).padStart(2, '0')}`;
    const done = person
      ? dispatch({ kind: 'setPerson', id, patch: next }, `change ${next.name}`)
      : dispatch({ kind: 'addPerson', person: { id, ...next } }, `add ${next.name}`);
    if (done) onClose();
  });
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={person ? person.name : `Someone who opens ${door.id}`}
    >
      <form className={css['form']} onSubmit={(event) => void keep(event)} noValidate>
        <TextField
          label="Name"
          autoFocus
          error={errors.name?.message}
          {...register('name', {
            validate: (name) => name.trim() !== '' || 'A name is needed.',
            maxLength: 80,
          })}
        />
        <SelectField
          label="Role"
          hint="Administrators program the keypad: keep them few."
          {...register('role')}
        >
          <option value="user">Opens doors</option>
          <option value="administrator">Administers</option>
        </SelectField>
        <TextField
          label="Code"
          inputMode="numeric"
          className="figures"
          error={errors.code?.message}
          {...register('code', { validate: checkCode })}
        />
        {keypad && language?.slots && (
          <TextField
            label={`Slot in ${keypad.tag}`}
            inputMode="numeric"
            error={errors.slot?.message}
            {...register('slot', { validate: checkSlot })}
          />
        )}
        <div className={css['card']}>
          <TextField
            label="Card: facility"
            inputMode="numeric"
            error={errors.facility?.message}
            {...register('facility', {
              validate: (text) => text === '' || inRange(text, 255) || '0 to 255.',
            })}
          />
          <TextField
            label="Card: number"
            inputMode="numeric"
            error={errors.number?.message}
            {...register('number', {
              validate: (text) => text === '' || inRange(text, 65_535) || '0 to 65535.',
            })}
          />
        </div>
        <Button type="submit" look="main">
          Keep
        </Button>
      </form>
    </Dialog>
  );
}
