import { useState } from 'react';
import { CARD_FORMATS, formatProblems, frameOf, MOST_FRAME_BITS } from '#core/cards/index';
import type { OwnCardFormat } from '#core/plan/index';
import { FORMAT_PROBLEMS, formatPartWords } from '#words/cards';
import { say } from '#words/sitePages/access/FormatDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';
import { Frame } from './Frame';
import { useDispatch, usePlan } from '../../store/context';
import css from './OwnFormats.module.css';

const BLANK: OwnCardFormat = {
  id: '',
  name: '',
  bits: 26,
  facility: { from: 2, to: 9 },
  number: { from: 10, to: 25 },
  parities: [
    { at: 1, kind: 'even', from: 2, to: 13 },
    { at: 26, kind: 'odd', from: 14, to: 25 },
  ],
  fixed: [],
};

const count = (text: string): number =>
  Math.min(MOST_FRAME_BITS, Number(text.replace(/\D/g, '').slice(0, 2) || 0));

/** An id from a name: what is left of it in small letters, and a number where that is taken. */
function idFor(name: string, taken: ReadonlySet<string>): string {
  const stem =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 40) || 'format';
  let id = stem;
  for (let n = 2; taken.has(id); n += 1) id = `${stem}-${n}`;
  return id;
}

export function FormatDialog({ format, onClose }: { format: OwnCardFormat | null; onClose(): void }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [draft, setDraft] = useState<OwnCardFormat>(format ?? BLANK);
  const [named, setNamed] = useState(false);
  const set = (patch: Partial<OwnCardFormat>) => setDraft({ ...draft, ...patch });
  const problems = formatProblems(draft);
  const fits = problems.length === 0 && draft.bits >= 8;
  const sample = fits
    ? frameOf(draft, {
        facility: draft.facility ? 71 % 2 ** Math.min(8, width(draft.facility)) : 0,
        number: 201 % 2 ** Math.min(16, width(draft.number)),
      })
    : null;
  const keep = () => {
    const name = draft.name.trim();
    if (!fits || name === '') return;
    const { id: _id, ...patch } = { ...draft, name };
    const taken = new Set([...CARD_FORMATS.map(({ id }) => id), ...Object.keys(plan.cardFormats)]);
    const done = format
      ? dispatch({ kind: 'setCardFormat', id: format.id, patch }, say.change(name))
      : dispatch(
          { kind: 'addCardFormat', cardFormat: { ...patch, id: idFor(name, taken) } },
          say.describe(name),
        );
    if (done) onClose();
  };
  return (
    <Dialog
      open
      wide
      onOpenChange={(open) => !open && onClose()}
      title={format ? format.name : say.aCardFormat}
      description={say.bitsCounted1They}
    >
      <form
        className={css['form']}
        onSubmit={(event) => {
          event.preventDefault();
          keep();
        }}
      >
        <div className={css['line']}>
          <TextField
            label={say.name}
            autoFocus
            maxLength={120}
            className={css['name']}
            value={draft.name}
            error={named && draft.name.trim() === '' ? say.aNameIsNeeded : null}
            onBlur={() => setNamed(true)}
            onChange={({ target }) => set({ name: target.value })}
          />
          <Bit label={say.bitsOfTheFrame} value={draft.bits} onChange={(bits) => set({ bits })} />
        </div>
        <FieldOf
          label={say.facility}
          optional
          field={draft.facility}
          onChange={(facility) => set({ facility })}
        />
        <FieldOf label={say.number} field={draft.number} onChange={(number) => number && set({ number })} />
        <fieldset>
          <legend>{say.parities}</legend>
          {draft.parities.map((parity, at) => {
            const change = (patch: Partial<typeof parity>) =>
              set({
                parities: draft.parities.map((one, index) => (index === at ? { ...one, ...patch } : one)),
              });
            return (
              <div key={at} className={css['line']} role="group" aria-label={say.parity(at + 1)}>
                <Bit label={say.bit} value={parity.at} onChange={(bit) => change({ at: bit })} />
                <label className={css['kind']}>
                  <span>{say.makesTheOnes}</span>
                  <select
                    value={parity.kind}
                    onChange={({ target }) => change({ kind: target.value === 'odd' ? 'odd' : 'even' })}
                  >
                    <option value="even">{say.even}</option>
                    <option value="odd">{say.odd}</option>
                  </select>
                </label>
                <Bit label={say.ofBits} value={parity.from} onChange={(from) => change({ from })} />
                <Bit label={say.to} value={parity.to} onChange={(to) => change({ to })} />
                <Button
                  size="s"
                  look="quiet"
                  onClick={() => set({ parities: draft.parities.filter((_, index) => index !== at) })}
                >
                  {say.remove}
                </Button>
              </div>
            );
          })}
          <Button
            size="s"
            onClick={() =>
              set({
                parities: [...draft.parities, { at: draft.bits, kind: 'odd', from: 1, to: draft.bits - 1 }],
              })
            }
          >
            {say.addAParity}
          </Button>
        </fieldset>
        <fieldset>
          <legend>{say.theSameOnEveryCard}</legend>
          {draft.fixed.map((one, at) => {
            const change = (patch: Partial<typeof one>) =>
              set({
                fixed: draft.fixed.map((other, index) => (index === at ? { ...other, ...patch } : other)),
              });
            return (
              <div key={at} className={css['line']} role="group" aria-label={say.fixedBits(at + 1)}>
                <Bit label={say.bits} value={one.from} onChange={(from) => change({ from })} />
                <Bit label={say.to} value={one.to} onChange={(to) => change({ to })} />
                <TextField
                  label={say.areTheNumber}
                  inputMode="numeric"
                  value={one.value}
                  onChange={({ target }) =>
                    change({ value: Number(target.value.replace(/\D/g, '').slice(0, 9) || 0) })
                  }
                />
                <Button
                  size="s"
                  look="quiet"
                  onClick={() => set({ fixed: draft.fixed.filter((_, index) => index !== at) })}
                >
                  {say.remove}
                </Button>
              </div>
            );
          })}
          <Button size="s" onClick={() => set({ fixed: [...draft.fixed, { from: 2, to: 2, value: 0 }] })}>
            {say.addFixedBits}
          </Button>
        </fieldset>
        <div role="status" className={css['state']}>
          {problems.length > 0 ? (
            <ul>
              {problems.map(({ at, problem }) => (
                <li key={at.join('.') + problem}>
                  {formatPartWords(at)} {FORMAT_PROBLEMS[problem]}.
                </li>
              ))}
            </ul>
          ) : (
            sample && <Frame format={draft} bits={sample} />
          )}
        </div>
        <Button type="submit" look="main" disabled={!fits || draft.name.trim() === ''}>
          {say.keepTheFormat}
        </Button>
      </form>
    </Dialog>
  );
}

const width = ({ from, to }: { from: number; to: number }): number => to - from + 1;

const Bit = ({ label, value, onChange }: { label: string; value: number; onChange(value: number): void }) => (
  <TextField
    label={label}
    inputMode="numeric"
    className={css['bit']}
    value={value === 0 ? '' : value}
    onChange={({ target }) => onChange(count(target.value))}
  />
);

interface FieldProps {
  readonly label: string;
  readonly field: OwnCardFormat['facility'];
  readonly optional?: boolean;
  onChange(field: OwnCardFormat['facility']): void;
}

function FieldOf({ label, field, optional, onChange }: FieldProps) {
  return (
    <fieldset>
      <legend>{label}</legend>
      <div className={css['line']}>
        {optional && (
          <label className={css['check']}>
            <input
              type="checkbox"
              checked={field !== null}
              onChange={({ target }) => onChange(target.checked ? { from: 2, to: 9 } : null)}
            />
            <span>{say.inTheFrame}</span>
          </label>
        )}
        {field && (
          <>
            <Bit label={say.bits} value={field.from} onChange={(from) => onChange({ ...field, from })} />
            <Bit label={say.to} value={field.to} onChange={(to) => onChange({ ...field, to })} />
            <label className={css['check']}>
              <input
                type="checkbox"
                checked={field.lowFirst === true}
                onChange={({ target }) => {
                  const { lowFirst: _old, ...rest } = field;
                  onChange(target.checked ? { ...rest, lowFirst: true } : rest);
                }}
              />
              <span>{say.lowestByteFirst}</span>
            </label>
          </>
        )}
      </div>
    </fieldset>
  );
}
