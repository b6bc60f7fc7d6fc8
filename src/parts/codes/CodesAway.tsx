import { say } from '#words/parts/codes/CodesAway';
import { useSite } from '../../store/context';

/** Why codes are not there: they are on their way, or are not for whoever signed in to see. */
export function CodesAway({ className }: { className?: string | undefined }) {
  const { codes } = useSite();
  return (
    <p role="status" className={className}>
      {codes ? say.codesCardsStandNo : say.codesCardsKeypadsHold}
    </p>
  );
}
