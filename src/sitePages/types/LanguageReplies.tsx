import { REPLY_IDS } from '#core/leaflet/index';
import { REPLY_NAMES } from '#words/keypad';
import { say } from '#words/sitePages/types/LanguageEditor';
import { Answers } from './LanguageRows';
import type { LeafletPart } from './leafletPart';
import css from './LanguageEditor.module.css';

/** What the keypad answers by its lamps and its sounder. */
export function LanguageReplies({ draft, set }: Omit<LeafletPart, 'at'>) {
  return (
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
  );
}
