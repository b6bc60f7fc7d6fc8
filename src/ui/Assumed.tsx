import { say } from '#words/ui/Assumed';
import css from './Assumed.module.css';

/** Stands beside what nobody has entered. */
export const Assumed = () => (
  <em className={css['assumed']} title={say.nobodyEnteredEnterPress}>
    {say.assumed}
  </em>
);
