import { useMemo } from 'react';
import type { Leaflet } from '#core/plan/index';
import { languageProblemWords } from '#words/language';
import { say } from '#words/sitePages/types/LanguageEditor';
import { Button } from '../../ui/Button';
import { judgeLeaflet } from './judgeLeaflet';
import { LanguageExamples } from './LanguageExamples';
import { LanguageFacts } from './LanguageFacts';
import { LanguageKeyed } from './LanguageKeyed';
import { LanguageReplies } from './LanguageReplies';
import { LanguageResets } from './LanguageResets';
import { LanguageTried } from './LanguageTried';
import css from './LanguageEditor.module.css';

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
  const at = (path: string) => issues.get(path) ?? null;
  const others = [...issues].filter(([path]) => !isShown(path) || (draft.screen && path.endsWith('.leave')));
  return (
    <div className={css['editor']}>
      <div className={css['form']}>
        <LanguageFacts draft={draft} set={set} at={at} />
        <LanguageKeyed draft={draft} set={set} at={at} />
        <LanguageExamples draft={draft} set={set} at={at} language={language} problems={problems} />
        <LanguageReplies draft={draft} set={set} />
        <LanguageResets draft={draft} set={set} />
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
