import { say } from '#words/app/frame/SkipLinks';
import css from './SkipLinks.module.css';

/** What can be skipped to, for whoever goes by keyboard: the first stop of every page. */
const PLACES = [
  { label: say.toTheSheet, find: 'main h1' },
  { label: say.toTheVerdicts, find: '[aria-label="Verdicts"]' },
  { label: say.toTheBench, find: '[aria-label="Bench"]' },
  { label: say.toTheDoors, find: 'nav[aria-label="Doors"]' },
] as const;

export const SkipLinks = () => (
  <ul className={css['skip']}>
    {PLACES.map(({ label, find }) => (
      <li key={label}>
        <button
          type="button"
          onClick={() => {
            const place = document.querySelector<HTMLElement>(find);
            if (!place) return;
            if (!place.hasAttribute('tabindex')) place.tabIndex = -1;
            place.focus();
          }}
        >
          {label}
        </button>
      </li>
    ))}
  </ul>
);
