import CloudOff from 'lucide-react/icons/cloud-off';
import { useSite } from '../../store/context';
import css from './NetworkLine.module.css';

/** A phone is held in the hand; what has a mouse is a computer. */
const device = (): string => (matchMedia('(pointer: coarse)').matches ? 'phone' : 'computer');

/** Says that codes are not for whoever has signed in, and what is not done therefore. */
export const NoCodesLine = () => (
  <p className={css['line']}>
    <span>Signed in without codes: keypads are not judged, and who opens what is not changed here.</span>
  </p>
);

/** Says that the server does not answer, and what becomes of what is changed meanwhile. */
export function NetworkLine() {
  const { complete } = useSite();
  return (
    <p className={css['line']} role="status">
      <CloudOff size={14} aria-hidden />
      <span>
        No network. Kept on this {device()}; sent when the network is back.
        {!complete && ' Codes are not kept here: keypads are not judged.'}
      </span>
    </p>
  );
}
