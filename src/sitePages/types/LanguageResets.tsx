import Plus from 'lucide-react/icons/plus';
import { say } from '#words/sitePages/types/LanguageEditor';
import { Button } from '../../ui/Button';
import type { LeafletPart } from './leafletPart';
import { RemoveButton } from './TypeRows';
import css from './LanguageEditor.module.css';

/** How it goes back to the factory, and what that wipes. */
export function LanguageResets({ draft, set }: Omit<LeafletPart, 'at'>) {
  return (
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
  );
}
