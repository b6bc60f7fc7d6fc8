import type { DeadState } from '#core/plan/index';
import { say } from '#words/ui/glyphs';

/** A bolt and its keep: withdrawn = opens when dead, thrown = stays locked when dead, dashed = not chosen. */
export const DeadStateGlyph = ({ state }: { state: DeadState | null }) => (
  <svg
    viewBox="0 0 22 14"
    width="20"
    height="13"
    fill="none"
    stroke="currentColor"
    strokeWidth="1.5"
    role="img"
    aria-label={
      state === null
        ? say.deadStateNotChosen
        : state === 'fail-safe'
          ? say.opensWhenDead
          : say.staysLockedWhenDead
    }
  >
    {state === 'fail-secure' ? (
      <rect x="4" y="5" width="14" height="4" fill="currentColor" />
    ) : (
      <rect x="1" y="5" width="8" height="4" strokeDasharray={state === null ? '2 1.5' : undefined} />
    )}
    <path d="M15 1v12M15 1h5M15 13h5" />
  </svg>
);

/** The mark of Aldaba: a door knocker. */
export const Knocker = () => (
  <svg viewBox="0 0 20 22" width="19" height="21" stroke="var(--brand)" strokeWidth="2.2" aria-hidden>
    <circle cx="10" cy="4" r="2.6" fill="var(--brand)" />
    <path d="M10 6.5c-5 1-7 5-7 8a7 7 0 0 0 14 0c0-3-2-7-7-8z" fill="none" />
    <rect x="7.6" y="17.6" width="4.8" height="4" rx="1.2" fill="var(--brand)" />
  </svg>
);
