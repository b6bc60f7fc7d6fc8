import { does, FAMILIES, SYMBOL_IDS, type DeviceType, type Place } from '#core/devices/index';
import { languageOf, LANGUAGES } from '#core/keypads/index';
import { FAMILY_LABELS } from '#words/devices';
import { say } from '#words/sitePages/types/TypeEditor';
import { usePlan } from '../../store/context';
import { SelectField, TextField } from '../../ui/Field';
import { Symbol } from '../../ui/Symbol';
import css from './TypeEditor.module.css';
import type { TypePart } from './typePart';

const PLACES: Record<Place, string> = {
  outside: say.outside,
  inside: say.inside,
  frame: say.inTheFrame,
  above: say.aboveTheDoor,
  enclosure: say.inTheEnclosure,
};

/** What a type is: its names, its family, where it stands. */
export function TypeFacts({ draft, set, onChange }: TypePart) {
  const plan = usePlan();
  return (
    <section aria-label={say.whatItIs}>
      <h3>
        <Symbol id={draft.symbol} /> {say.whatItIs}
      </h3>
      <div className={css['fields']}>
        <TextField
          label={say.name}
          value={draft.name}
          maxLength={120}
          onChange={(event) => set({ name: event.target.value })}
        />
        <TextField
          label={say.shortNameForDrawings}
          value={draft.short}
          maxLength={30}
          onChange={(event) => set({ short: event.target.value })}
        />
        <TextField
          label={say.letterItsTagsBeginWith}
          value={draft.tagPrefix}
          maxLength={3}
          onChange={(event) => set({ tagPrefix: event.target.value.toUpperCase() })}
        />
        <TextField
          label={say.housingIp}
          value={draft.ip}
          maxLength={4}
          onChange={(event) => set({ ip: event.target.value.toUpperCase() })}
        />
        <SelectField
          label={say.family}
          value={draft.family}
          onChange={(event) => set({ family: event.target.value as DeviceType['family'] })}
        >
          {FAMILIES.map((family) => (
            <option key={family} value={family}>
              {FAMILY_LABELS[family]}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={say.whereItStands}
          value={draft.place}
          onChange={(event) => set({ place: event.target.value as Place })}
        >
          {Object.entries(PLACES).map(([place, label]) => (
            <option key={place} value={place}>
              {label}
            </option>
          ))}
        </SelectField>
        <SelectField
          label={say.symbol}
          value={draft.symbol}
          onChange={(event) => set({ symbol: event.target.value as DeviceType['symbol'] })}
        >
          {SYMBOL_IDS.map((symbol) => (
            <option key={symbol} value={symbol}>
              {symbol}
            </option>
          ))}
        </SelectField>
        {does(draft, 'ownCodes') && (
          <SelectField
            label={say.languageAtItsKeys}
            value={draft.language ?? ''}
            onChange={({ target }) => {
              const { language: _old, ...rest } = draft;
              onChange(target.value === '' ? rest : { ...rest, language: target.value });
            }}
          >
            <option value="">{say.noneNotProgrammedKeys}</option>
            {[...Object.values(plan.languages), ...LANGUAGES].map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
            {draft.language !== undefined && !languageOf(plan, draft.language) && (
              <option value={draft.language}>{say.whichNobodyDescribed(draft.language)}</option>
            )}
          </SelectField>
        )}
      </div>
      <TextField
        label={say.doesOneLine}
        value={draft.description}
        maxLength={400}
        onChange={(event) => set({ description: event.target.value })}
      />
    </section>
  );
}
