import type { Ground, Judgement } from '#core/access/index';
import { findIn, formatsOf, type Plan } from '#core/plan/index';
import { ruleWords } from './access';
import { seenWords } from './cards';

const nameOf = (plan: Plan, id: string): string => findIn(plan.people, id)?.name ?? id;

/** Why what decides opens or not, as a sentence or two. */
export function groundWords(plan: Plan, tag: string, ground: Ground, opens: boolean | null): string {
  switch (ground.kind) {
    case 'rule':
      return `${nameOf(plan, ground.person)}. ${ruleWords(plan, ground.rule, opens === true)}`;
    case 'held': {
      const whose =
        ground.person === null ? 'nobody’s on the list' : `it is of ${nameOf(plan, ground.person)}`;
      return `It stands in ${tag}, entry ${ground.slot}, and ${whose}. ${tag} keeps no hours.`;
    }
    case 'unseen':
      return `${tag} ${seenWords(ground.seen)}.`;
    case 'no-such-frame': {
      const known = formatsOf(plan).find(({ id }) => id === ground.format);
      return known
        ? `The format “${known.name}” has no room for these numbers: what the card sends is not known.`
        : `Nobody has described the format “${ground.format}”: what the card sends is not known.`;
    }
    case 'lost':
      return `A card of ${nameOf(plan, ground.person)}, reported lost.`;
    case 'nobody':
      return 'Nobody on the list has it.';
    case 'not-held':
      return `It does not stand in ${tag}, as far as that is known.`;
    case 'not-recorded':
      return `Nobody has recorded what ${tag} holds: at Program it is entered as found, or keyed in.`;
    case 'nothing-decides':
      return 'Nothing at this door decides about cards or codes.';
  }
}

/** The answer in a word, and what is taken for another card. */
export const judgedWords = ({ opens, as }: Judgement): string =>
  `${opens === null ? 'Not known' : opens ? 'It opens' : 'It stays shut'}${
    as ? `: it is taken for ${as.facility}-${as.number}` : ''
  }`;
