import type { Edit, EditRefusal } from '#core/plan/index';
import { editWords } from './edits';
import { refusalWords } from './problems';
import { spoken } from '../messages';

/** Why an edit could not be kept. */
type Why =
  | { readonly kind: 'refused'; readonly refusal: EditRefusal }
  | { readonly kind: 'too-large' }
  | { readonly kind: 'not-understood'; readonly message: string }
  | { readonly kind: 'breaks-server' };

/** Why a change stands aside, as a sentence. */
export const whyWords = spoken(function whyWords(why: Why): string {
  switch (why.kind) {
    case 'refused':
      return refusalWords(why.refusal);
    case 'too-large':
      return 'It is larger than the server takes at once.';
    case 'not-understood':
      return why.message || 'The server does not understand it.';
    case 'breaks-server':
      return 'The server fails on this change, and answers for everything else.';
  }
});

/** What is told when a change is set aside. */
export const asideWords = spoken(
  ({ edit, why }: { readonly edit: Edit; readonly why: Why }): string =>
    `“${editWords(edit)}” could not be saved: ${whyWords(why)} It is kept; see “Not saved” above.`,
);
