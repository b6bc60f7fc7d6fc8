import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { languageOf, freeSlot, takesCards, takesFingers } from '#core/keypads/index';
import {
  blankPerson,
  opensEver,
  typeIn,
  type Device,
  type Door,
  type HeldCard,
  type Person,
} from '#core/plan/index';
import { say } from '#words/stations/program/PersonDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextField } from '../../ui/Field';
import { cardFault, CardsField } from '../../parts/codes/CardsField';
import { CodeField, useCodeFaults } from '../../parts/codes/CodeField';
import { useDispatch, usePlan } from '../../store/context';
import css from './PersonDialog.module.css';

interface Form {
  name: string;
  role: Person['role'];
  slot: string;
  fingers: string;
}

interface Props {
  /** Null for a new person. */
  readonly person: Person | null;
  readonly door: Door;
  /** The keypad that keeps this door's codes, if one does. */
  readonly keypad: Device | null;
  onClose(): void;
}

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
      fingers: String(person?.fingers ?? 0),
      slot: suggested === null || suggested === undefined ? '' : String(suggested),
    },
  });
  const { errors } = formState;
  const others = Object.values(plan.people).filter((one) => one.id !== person?.id);
  const numbers = Object.keys(plan.people).map((id) => Number(/^P(\d+)$/.exec(id)?.[1] ?? 0));
  const id = person?.id ?? `P${String(Math.max(0, ...numbers) + 1).padStart(2, '0')}`;
  const [cards, setCards] = useState<readonly HeldCard[]>(person?.cards ?? []);
  const [code, setCode] = useState(person?.code ?? '');
  const before = person ?? blankPerson(id, '');
  // Whoever opens this door by a level is not given it by name as well: by name it opens at all hours.
  const doors = opensEver(plan, before, door.id) ? before.doors : [...before.doors, door.id];
  const draft: Person = { ...before, code, doors };
  const faults = useCodeFaults(draft);
  const checkSlot = (text: string) => {
    if (!keypad || !language?.slots || text === '') return true;
    const { first, last } = language.slots;
    if (!/^\d+$/.test(text) || Number(text) < first || Number(text) > last)
      return say.aSlotFromTo(first, last);
    const owner = others.find((one) =>
      [one.slots, ...one.cards.map(({ slots }) => slots)].some((at) => at[keypad.id] === Number(text)),
    );
    return !owner || say.hasThisSlot(owner.name);
  };
  const keep = handleSubmit((form) => {
    if (faults.length > 0 || cards.some((_, at) => cardFault(plan, cards, at))) return;
    const { [keypad?.id ?? '']: _old, ...rest } = person?.slots ?? {};
    const next: Person = {
      ...draft,
      name: form.name.trim(),
      role: form.role,
      fingers: Number(form.fingers),
      cards,
      slots: keypad && form.slot !== '' ? { ...rest, [keypad.id]: Number(form.slot) } : rest,
    };
    const { id: _id, ...patch } = next;
    const done = person
      ? dispatch({ kind: 'setPerson', id, patch }, say.change(next.name))
      : dispatch({ kind: 'addPerson', person: next }, say.add(next.name));
    if (done) onClose();
  });
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={person ? person.name : say.someoneWhoOpens(door.id)}
    >
      <form className={css['form']} onSubmit={(event) => void keep(event)} noValidate>
        <TextField
          label={say.name}
          autoFocus
          error={errors.name?.message}
          {...register('name', {
            validate: (name) => name.trim() !== '' || say.aNameIsNeeded,
            maxLength: 80,
          })}
        />
        <SelectField label={say.role} hint={say.administratorsProgramKeypadKeep} {...register('role')}>
          <option value="user">{say.opensDoors}</option>
          <option value="administrator">{say.administers}</option>
        </SelectField>
        <CodeField person={draft} onChange={setCode} />
        {keypad && language?.slots && (
          <TextField
            label={say.slotIn(keypad.tag)}
            inputMode="numeric"
            error={errors.slot?.message}
            {...register('slot', { validate: checkSlot })}
          />
        )}
        {language && takesFingers(language) && (
          <TextField
            label={say.fingersToReadIn}
            inputMode="numeric"
            hint={say.theyReadEachItself(keypad?.tag)}
            error={errors.fingers?.message}
            {...register('fingers', {
              validate: (text) => (/^\d{1,2}$/.test(text) && Number(text) <= 10) || say.number010,
            })}
          />
        )}
        <CardsField
          cards={cards}
          slotsOf={keypad && language?.slots && takesCards(language) ? keypad : null}
          onChange={setCards}
        />
        <Button type="submit" look="main">
          {say.keep}
        </Button>
      </form>
    </Dialog>
  );
}
