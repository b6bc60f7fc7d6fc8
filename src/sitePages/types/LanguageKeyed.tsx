import Plus from 'lucide-react/icons/plus';
import { AT_DOOR } from '#core/leaflet/index';
import type { Leaflet } from '#core/plan/index';
import { say } from '#words/sitePages/types/LanguageEditor';
import { Button } from '../../ui/Button';
import type { LeafletPart } from './leafletPart';
import { ModeRows } from './ModeRows';
import { StrokesBar, StrokesField } from './StrokesField';
import css from './LanguageEditor.module.css';

type Mode = Leaflet['modes'][number];

/** What is keyed: at the door, and in every state of the keypad. */
export function LanguageKeyed({ draft, set, at }: LeafletPart) {
  const setMode = (at: number, patch: Partial<Mode>) =>
    set({ modes: draft.modes.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  return (
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
  );
}
