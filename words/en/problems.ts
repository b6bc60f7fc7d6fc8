import type { EditRefusal } from '#core/plan/index';
import { spoken } from '../messages';

/** Why an edit was refused, as a sentence. */
export const refusalWords = spoken(function refusalWords(refusal: EditRefusal): string {
  switch (refusal.reason) {
    case 'missing':
      return `There is no ${refusal.what} “${refusal.id}” any more.`;
    case 'exists':
      return `There is already a ${refusal.what} “${refusal.id}”.`;
    case 'unknown-type':
      return `“${refusal.id}” is not a device type.`;
    case 'unknown-terminal':
      return `There is no terminal “${refusal.id}”.`;
    case 'same-terminal':
      return 'Both ends are at the same terminal.';
    case 'tag-taken':
      return `The tag “${refusal.id}” is taken at this door.`;
    case 'number-taken':
      return `The wire number “${refusal.id}” is taken at this door.`;
    case 'in-use':
      return `“${refusal.id}” is still in use.`;
    case 'bad-type':
      return `The device type is incomplete: ${refusal.id}.`;
    case 'bad-setting':
      return `“${refusal.id}” is not a value this device takes.`;
    case 'id-differs':
      return `“${refusal.id}” is not the id that belongs to it.`;
    case 'too-many':
      return `A site has at most ${refusal.most} of these: ${refusal.what}.`;
    case 'invalid':
      return `${refusal.id ? `At ${refusal.id}: ` : ''}${refusal.message}.`;
  }
});
