import type { Part, PartKind } from '#core/devices/index';
import { PART_LABELS } from '#words/devices';
import { say } from '#words/sitePages/types/TypeEditor';
import { SelectField } from '../../ui/Field';
import { blankPart, freeId } from './blankType';
import css from './TypeEditor.module.css';
import { boardOf, type TypePart } from './typePart';
import { RemoveButton } from './TypeRows';
import { choicesOf, ValueFields } from './ValueFields';

/** The parts between the terminals of a type. */
export function TypeParts({ draft, set }: Omit<TypePart, 'onChange'>) {
  const pins = draft.terminals.map(({ id }) => id);
  const [choices, board] = [choicesOf(draft), boardOf(draft)];
  return (
    <section aria-label={say.parts}>
      <h3>{say.partsBetweenTerminals}</h3>
      {draft.parts.map((part, index) => (
        <div key={index} className={css['row']} role="group" aria-label={say.part(part.id)}>
          <span className={css['kind']}>{PART_LABELS[part.kind]}</span>
          <ValueFields
            value={part}
            path={`part${index}`}
            choices={choices}
            skip={['kind', 'when', 'supervised', 'battery']}
            onChange={(next: Part) => set({ parts: draft.parts.map((old, i) => (i === index ? next : old)) })}
          />
          <RemoveButton
            label={say.removePart(part.id)}
            onClick={() => set({ parts: draft.parts.filter((_, i) => i !== index) })}
          />
        </div>
      ))}
      <SelectField
        label={say.addAPart}
        bare
        value=""
        onChange={(event) => {
          const kind = event.target.value as PartKind;
          const id = freeId(
            draft.parts.map((part) => part.id),
            kind === 'electronic' ? 'board' : kind,
          );
          set({ parts: [...draft.parts, blankPart(kind, id, [pins[0] ?? '', pins[1] ?? ''], board)] });
        }}
      >
        <option value="">{say.addAPart2}</option>
        {(Object.keys(PART_LABELS) as PartKind[]).map((kind) => (
          <option key={kind} value={kind}>
            {PART_LABELS[kind]}
          </option>
        ))}
      </SelectField>
    </section>
  );
}
