import { CODE_RULES } from '#core/leaflet/index';
import type { Leaflet } from '#core/plan/index';
import { RULE_WORDS } from '#words/language';
import { say } from '#words/sitePages/types/LanguageEditor';
import { SelectField, TextField } from '../../ui/Field';
import * as texts from '../../parts/leaflet/leafletTexts';
import { NumberField, Typed } from './LanguageRows';
import type { LeafletPart } from './leafletPart';
import css from './LanguageEditor.module.css';

/** What the leaflet says of the keypad itself: its keys, its codes, how many it holds, when it drops out and locks. */
export function LanguageFacts({ draft, set, at }: LeafletPart) {
  return (
    <section aria-label={say.theKeypad}>
      <h3>{say.theKeypad}</h3>
      <div className={css['fields']}>
        <TextField
          label={say.name}
          value={draft.name}
          maxLength={120}
          error={at('name')}
          onChange={(event) => set({ name: event.target.value })}
        />
        <Typed
          label={say.keysRowByRow}
          value={texts.keysText(draft.keys)}
          read={texts.keysOf}
          error={at('keys')}
          onRead={(keys) => set({ keys })}
        />
        <Typed
          label={say.screenUpDownChoose}
          hint={say.emptyItHasNone}
          value={texts.screenText(draft.screen)}
          read={(text) => {
            const screen = texts.screenOf(text);
            return screen === undefined ? null : { screen };
          }}
          error={
            at('screen') ??
            ['up', 'down', 'ok', 'back'].map((key) => at(`screen.${key}`)).find(Boolean) ??
            null
          }
          onRead={({ screen }) =>
            // What is left by going back has no strokes of its own for it.
            set({
              screen,
              ...(screen ? { modes: draft.modes.map((one) => ({ ...one, leave: '' })) } : {}),
            })
          }
        />
        <TextField
          label={say.factoryCode}
          value={draft.factoryCode}
          inputMode="numeric"
          maxLength={12}
          error={at('factoryCode')}
          onChange={(event) => set({ factoryCode: event.target.value.trim() })}
        />
        <Typed
          label={say.digitsOfTheProgrammingCode}
          value={texts.lengthText(draft.programming)}
          read={texts.lengthOf}
          error={at('programming')}
          onRead={(programming) => set({ programming })}
        />
        <Typed
          label={say.digitsOfACode}
          value={texts.lengthText(draft.code)}
          read={texts.lengthOf}
          error={at('code')}
          onRead={(code) => set({ code })}
        />
        <Typed
          label={say.slots001999}
          hint={say.emptyItKeepsAList}
          value={texts.slotsText(draft.slots)}
          read={(text) => {
            const slots = texts.slotsOf(text);
            return slots === undefined ? null : { slots };
          }}
          error={at('slots')}
          onRead={({ slots }) => set({ slots })}
        />
        <NumberField
          label={say.itHolds}
          unit="people"
          value={draft.capacity}
          onChange={(capacity) => set({ capacity })}
        />
        <NumberField
          label={say.dropsOutAfter}
          unit="s"
          value={draft.timeoutMs / 1000}
          onChange={(seconds) => set({ timeoutMs: seconds * 1000 })}
        />
        <SelectField
          label={say.thenItLoses}
          value={draft.timeoutLoses}
          onChange={(event) => set({ timeoutLoses: event.target.value as Leaflet['timeoutLoses'] })}
        >
          <option value="line">{say.theUnfinishedLine}</option>
          <option value="session">{say.allKeyedSinceEntered}</option>
        </SelectField>
        <NumberField
          label={say.wrongCodesUntilItLocks}
          value={draft.lockout.tries}
          onChange={(tries) => set({ lockout: { ...draft.lockout, tries } })}
        />
        <NumberField
          label={say.locksFor}
          unit="s"
          value={draft.lockout.ms / 1000}
          onChange={(seconds) => set({ lockout: { ...draft.lockout, ms: seconds * 1000 } })}
        />
        <Typed
          label={say.codesItKeepsForItself}
          value={texts.codesText(draft.reserved)}
          read={texts.codesOf}
          error={at('reserved')}
          onRead={(reserved) => set({ reserved })}
        />
      </div>
      <fieldset className={css['rules']}>
        <legend>{say.aCodeMustBe}</legend>
        {CODE_RULES.map((rule) => (
          <label key={rule}>
            <input
              type="checkbox"
              checked={draft.rules.includes(rule)}
              onChange={(event) =>
                set({
                  rules: CODE_RULES.filter((one) =>
                    one === rule ? event.target.checked : draft.rules.includes(one),
                  ),
                })
              }
            />
            {RULE_WORDS[rule]}
          </label>
        ))}
      </fieldset>
    </section>
  );
}
