import { useSite } from '../../store/context';

/** Why codes are not there: they are on their way, or are not for whoever signed in to see. */
export function CodesAway({ className }: { className?: string | undefined }) {
  const { codes } = useSite();
  return (
    <p role="status" className={className}>
      {codes
        ? 'Codes and cards stand in no page: they are being fetched.'
        : 'Codes, cards and what keypads hold are not shown with your passphrase. Sign in with the one that shows them.'}
    </p>
  );
}
