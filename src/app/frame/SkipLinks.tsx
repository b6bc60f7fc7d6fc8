import css from './SkipLinks.module.css';

/** What can be skipped to, for whoever goes by keyboard: the first stop of every page. */
const PLACES = [
  { label: 'To the sheet', find: 'main h1' },
  { label: 'To the verdicts', find: '[aria-label="Verdicts"]' },
  { label: 'To the bench', find: '[aria-label="Bench"]' },
  { label: 'To the doors', find: 'nav[aria-label="Doors"]' },
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
