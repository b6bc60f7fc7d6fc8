import css from './Assumed.module.css';

/** Stands beside what nobody has entered. */
export const Assumed = () => (
  <em className={css['assumed']} title="Nobody has entered it. Enter it, or press Enter to keep it as it is.">
    assumed
  </em>
);
