import CloudOff from 'lucide-react/icons/cloud-off';
import { say } from '#words/app/frame/NetworkLine';
import { useSite } from '../../store/context';
import css from './NetworkLine.module.css';

/** A phone is held in the hand; what has a mouse is a computer. */
const device = (): string => (matchMedia('(pointer: coarse)').matches ? 'phone' : 'computer');

/** Says that codes are not for whoever has signed in, and what is not done therefore. */
export const NoCodesLine = () => (
  <p className={css['line']}>
    <span>{say.signedWithoutCodesKeypads}</span>
  </p>
);

/** Says that the server does not answer, and what becomes of what is changed meanwhile. */
export function NetworkLine() {
  const { complete } = useSite();
  return (
    <p className={css['line']} role="status">
      <CloudOff size={14} aria-hidden />
      <span>
        {say.noNetworkKeptSent(device())}
        {!complete && say.codesNotKeptHere}
      </span>
    </p>
  );
}
