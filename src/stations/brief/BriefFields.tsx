import { useState } from 'react';
import { type Door } from '#core/plan/index';
import { METRES_PER_FOOT, readQuantity, type LengthUnit } from '#core/units/index';
import { QUESTIONS } from '#words/brief';
import { quantityFaultWords } from '#words/quantities';
import { say } from '#words/stations/brief/BriefFields';
import { TextField } from '../../ui/Field';
import { useDispatch } from '../../store/context';

export function NameField({ door }: { door: Door }) {
  const dispatch = useDispatch();
  const [name, setName] = useState<string | null>(null);
  const keep = () => {
    if (name !== null && name.trim() !== door.name)
      dispatch({ kind: 'setDoor', id: door.id, patch: { name: name.trim() } }, say.nameTheDoor);
    setName(null);
  };
  return (
    <TextField
      label={say.nameOfTheDoor}
      data-start
      hint={say.oneThatAStrangerUnderstands}
      value={name ?? door.name}
      maxLength={80}
      onChange={(event) => setName(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
    />
  );
}

/** A reader stands no farther from its door than this, metres. */
const FARTHEST = 200;

/** A length in metres, typed and shown in the site's unit, or with another behind it. */
export function DistanceField({
  distance,
  unit,
  assumed,
  onKeep,
}: {
  distance: number;
  /** Nobody has entered it: what stands there is kept as it is by leaving the field with Enter. */
  assumed: boolean;
  unit: LengthUnit;
  onKeep(metres: number): void;
}) {
  const inUnit = (far: number) => Math.round((unit === 'ft' ? far / METRES_PER_FOOT : far) * 10) / 10;
  const [text, setText] = useState(String(inUnit(distance)));
  const read = readQuantity(text, 'm', { bare: unit });
  const value = read.kind === 'value' && read.value <= FARTHEST ? read.value : null;
  const keep = (said = false) =>
    value !== null && ((said && assumed) || inUnit(value) !== inUnit(distance)) && onKeep(value);
  const why =
    read.kind === 'fault' ? quantityFaultWords(read.fault, 'm') : say.atMost(inUnit(FARTHEST), unit);
  return (
    <TextField
      {...QUESTIONS.readerDistance}
      {...(assumed ? { hint: say.assumedUntilYouEnter(QUESTIONS.readerDistance.hint) } : {})}
      unit={unit}
      value={text}
      error={value === null ? why : null}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => keep()}
      onKeyDown={(event) => event.key === 'Enter' && keep(true)}
    />
  );
}

export function NotesField({ door }: { door: Door }) {
  const dispatch = useDispatch();
  // What is being typed; what was kept meanwhile, here or by somebody else, does not take it away.
  const [notes, setNotes] = useState<string | null>(null);
  const keep = () => {
    if (notes !== null && notes.trim() !== door.notes)
      dispatch({ kind: 'setDoor', id: door.id, patch: { notes: notes.trim() } }, 'note');
    setNotes(null);
  };
  return (
    <TextField
      label={say.notes}
      hint={say.releasesWallAlreadyWho}
      value={notes ?? door.notes}
      maxLength={300}
      onChange={(event) => setNotes(event.target.value)}
      onBlur={keep}
    />
  );
}
