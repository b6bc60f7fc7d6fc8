import { touchesSecrets, withoutSecrets, type EditBack } from '#core/plan/index';
import { say } from '#words/server/access/codes';
import { HttpError } from '../http';

/** What somebody is told whose passphrase does not show codes. */
export const noCodes = (): HttpError => new HttpError(403, 'no-codes', say.yourPassphraseDoesNot);

/**
 * What takes a change back, as somebody may see it who may not see codes: what was left behind with its secrets blank. Throws where the edit
 * itself says what a code or a card is to be.
 */
export function backWithoutSecrets({ inverse, left }: EditBack): EditBack {
  if (touchesSecrets(inverse)) throw noCodes();
  return {
    inverse,
    left: left.flatMap((one): EditBack['left'] => {
      if (!one.after) return [one];
      const open = withoutSecrets(one.collection, one.after);
      return open ? [{ ...one, after: open as typeof one.after }] : [];
    }),
  };
}
