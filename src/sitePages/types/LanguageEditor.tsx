import Plus from 'lucide-react/icons/plus';
import { useMemo } from 'react';
import { AT_DOOR, CODE_RULES, REPLY_IDS } from '#core/leaflet/index';
import type { Leaflet } from '#core/plan/index';
import { REPLY_NAMES } from '#words/keypad';
import { languageProblemWords, RULE_WORDS } from '#words/language';
import { say } from '#words/sitePages/types/LanguageEditor';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { Answers, ExampleRow, NumberField, Typed } from './LanguageRows';
import { ModeRows } from './ModeRows';
import { judgeLeaflet } from './judgeLeaflet';
import { LanguageTried } from './LanguageTried';
import * as texts from '../../parts/leaflet/leafletTexts';
import { StrokesBar, StrokesField } from './StrokesField';
import { RemoveButton } from './TypeRows';
import css from './LanguageEditor.module.css';

type Mode = Leaflet['modes'][number];
type Example = Leaflet['examples'][number];

interface Props {
  readonly draft: Leaflet;
  /** True where keypads are programmed in it as it was: it is kept beside that, as its next version. */
  readonly beside: boolean;
  onChange(leaflet: Leaflet): void;
  onSave(leaflet: Leaflet): void;
  onClose(): void;
}

/** A leaflet written down: its functions and examples as text, judged as it is typed, with the keypad that speaks it beside. */
export function LanguageEditor({ draft, beside, onChange, onSave, onClose }: Props) {
  const { leaflet, language, issues, problems } = useMemo(() => judgeLeaflet(draft), [draft]);
  const set = (patch: Partial<Leaflet>) => onChange({ ...draft, ...patch });
  const setMode = (at: number, patch: Partial<Mode>) =>
    set({ modes: draft.modes.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  const setExample = (at: number, patch: Partial<Example>) =>
    set({ examples: draft.examples.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  const at = (path: string) => issues.get(path) ?? null;
  const others = [...issues].filter(([path]) => !isShown(path) || (draft.screen && path.endsWith('.leave')));
  return (
    <div className={css['editor']}>
      <div className={css['form']}>
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

        <section aria-label={say.whatIsKeyed}>
          <h3>{say.whatIsKeyed}</h3>
          <p className={css['hint']}>{say.keysTheyBracesFilled}</p>
          <StrokesBar>
            <div className={css['line']}>
              <span>{say.aCodeAtTheDoor}</span>
              <StrokesField
                label={say.aCodeAtTheDoor}
                value={draft.entry}
                problem={at('entry')}
                onChange={(entry) => set({ entry })}
              />
            </div>
            {draft.modes.map((mode, index) => (
              <ModeRows
                key={index}
                mode={mode}
                onScreen={draft.screen !== null}
                from={[AT_DOOR, ...draft.modes.slice(0, index).map(({ id }) => id)]}
                problem={(path) => at(`modes.${index}.${path}`)}
                onChange={(patch) => setMode(index, patch)}
                {...(draft.modes.length > 1
                  ? { onRemove: () => set({ modes: draft.modes.filter((_, i) => i !== index) }) }
                  : {})}
              />
            ))}
            <Button
              size="s"
              look="quiet"
              icon={<Plus aria-hidden />}
              onClick={() =>
                set({
                  modes: [
                    ...draft.modes,
                    {
                      id: `state ${draft.modes.length + 1}`,
                      title: '',
                      as: [],
                      from: draft.modes[0]?.id ?? AT_DOOR,
                      enter: '',
                      leave: '',
                      commands: [],
                    },
                  ],
                })
              }
            >
              {say.state}
            </Button>
          </StrokesBar>
        </section>

        <section aria-label={say.examplesOfTheLeaflet}>
          <h3>{say.examplesOfTheLeaflet}</h3>
          <p className={css['hint']}>{say.keyedOneAfterOther}</p>
          {draft.examples.map((example, index) => (
            <ExampleRow
              key={index}
              index={index}
              example={example}
              problem={at(`examples.${index}.strokes`)}
              outcome={
                language ? (problems.find((one) => 'index' in one && one.index === index) ?? 'right') : null
              }
              onChange={(patch) => setExample(index, patch)}
              onRemove={() => set({ examples: draft.examples.filter((_, i) => i !== index) })}
            />
          ))}
          <Button
            size="s"
            look="quiet"
            icon={<Plus aria-hidden />}
            onClick={() =>
              set({ examples: [...draft.examples, { strokes: '', answer: 'stored', holds: {} }] })
            }
          >
            {say.example}
          </Button>
        </section>

        <section aria-label={say.whatItAnswers}>
          <h3>{say.whatItAnswers}</h3>
          <div className={css['replies']}>
            {REPLY_IDS.filter((id) => id !== 'key').map((id) => (
              <Answers
                key={id}
                name={REPLY_NAMES[id]}
                reply={draft.replies[id]}
                onChange={(reply) => set({ replies: { ...draft.replies, [id]: reply } })}
              />
            ))}
          </div>
        </section>

        <section aria-label={say.backToTheFactory}>
          <h3>{say.backToTheFactory}</h3>
          {draft.resets.map((reset, index) => {
            const setReset = (patch: Partial<typeof reset>) =>
              set({ resets: draft.resets.map((one, i) => (i === index ? { ...one, ...patch } : one)) });
            return (
              <div key={index} className={css['line']}>
                <select
                  aria-label={say.howResetIsDone(index + 1)}
                  value={reset.by}
                  onChange={(event) => setReset({ by: event.target.value as typeof reset.by })}
                >
                  <option value="power-up">{say.asThePowerComesOn}</option>
                  <option value="contact">{say.contactBoard}</option>
                </select>
                <input
                  aria-label={say.whatToDoForReset(index + 1)}
                  value={reset.how}
                  maxLength={300}
                  onChange={(event) => setReset({ how: event.target.value })}
                />
                <select
                  aria-label={say.whatResetWipes(index + 1)}
                  value={reset.wipes}
                  onChange={(event) => setReset({ wipes: event.target.value as typeof reset.wipes })}
                >
                  <option value="all">{say.wipesEverybody}</option>
                  <option value="settings">{say.wipesSettingsOnly}</option>
                </select>
                <RemoveButton
                  label={say.removeReset(index + 1)}
                  onClick={() => set({ resets: draft.resets.filter((_, i) => i !== index) })}
                />
              </div>
            );
          })}
          <Button
            size="s"
            look="quiet"
            icon={<Plus aria-hidden />}
            onClick={() =>
              set({
                resets: [...draft.resets, { by: 'power-up', how: say.holdWhilePowerComes, wipes: 'all' }],
              })
            }
          >
            {say.reset}
          </Button>
        </section>
      </div>

      <aside className={css['side']} aria-label={say.theLanguageTried}>
        {language ? (
          <LanguageTried key={JSON.stringify([draft.keys, draft.modes, draft.entry])} language={language} />
        ) : (
          <p className={css['wait']}>{say.keypadStandsHereSoon}</p>
        )}
        <div className={css['verdict']} role="status">
          {issues.size > 0 ? (
            <p>
              <b>{say.cannotBeReadYet(issues.size)}</b>
            </p>
          ) : problems.length === 0 ? (
            <p className={css['right']}>
              {draft.examples.length === 0
                ? say.canReadNoFunction
                : say.canReadNoFunction2(draft.examples.length)}
            </p>
          ) : null}
          <ul>
            {others.map(([path, message]) => (
              <li key={path}>
                {path}: {message}
              </li>
            ))}
            {problems.map((problem, index) => (
              <li key={index}>{languageProblemWords(problem)}</li>
            ))}
          </ul>
        </div>
        <div className={css['acts']}>
          <Button look="main" disabled={leaflet === null} onClick={() => leaflet && onSave(leaflet)}>
            {beside ? say.keepAsTheNextVersion : say.keep}
          </Button>
          <Button onClick={onClose}>{say.leave}</Button>
        </div>
      </aside>
    </div>
  );
}

/** Issues that stand at their field; the others are listed. */
const isShown = (path: string): boolean =>
  /^(name|keys|screen|screen\.(up|down|ok|back)|factoryCode|programming|code|slots|reserved|entry)$/.test(
    path,
  ) ||
  /^modes\.\d+\.(enter|leave|id|title|as\.\d+|commands|commands\.\d+\.(strokes|title))$/.test(path) ||
  /^examples\.\d+\.strokes$/.test(path);
