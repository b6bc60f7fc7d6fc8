import Plus from 'lucide-react/icons/plus';
import type { Leaflet } from '#core/plan/index';
import { say } from '#words/sitePages/types/LanguageEditor';
import { Button } from '../../ui/Button';
import type { judgeLeaflet } from './judgeLeaflet';
import { ExampleRow } from './LanguageRows';
import type { LeafletPart } from './leafletPart';
import css from './LanguageEditor.module.css';

type Example = Leaflet['examples'][number];
type Judged = ReturnType<typeof judgeLeaflet>;

/** Examples of the leaflet: keyed one after the other, each with what the keypad must answer. */
export function LanguageExamples({
  draft,
  set,
  at,
  language,
  problems,
}: LeafletPart & Pick<Judged, 'language' | 'problems'>) {
  const setExample = (at: number, patch: Partial<Example>) =>
    set({ examples: draft.examples.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  return (
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
        onClick={() => set({ examples: [...draft.examples, { strokes: '', answer: 'stored', holds: {} }] })}
      >
        {say.example}
      </Button>
    </section>
  );
}
