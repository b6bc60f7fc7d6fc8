import type { Configuration, ConfigurationDifference, Decision, Ground, Judgement } from '#core/access/index';
import { findIn, formatsOf, type Plan } from '#core/plan/index';
import { hoursName, ruleWords } from './access';
import { seenWords } from './cards';
import { spoken } from '../messages';

const nameOf = (plan: Plan, id: string): string => findIn(plan.people, id)?.name ?? id;

/** Why what decides opens or not, as a sentence or two. */
export const groundWords = spoken(function groundWords(
  plan: Plan,
  tag: string,
  ground: Ground,
  opens: boolean | null,
): string {
  switch (ground.kind) {
    case 'rule':
      return `${nameOf(plan, ground.person)}. ${ruleWords(plan, ground.rule, opens === true)}`;
    case 'free':
      return `Unlock schedule “${hoursName(plan, ground.hours)}”: the door is unlocked for everybody.`;
    case 'held': {
      const whose =
        ground.person === null
          ? 'belongs to nobody on the list'
          : `belongs to ${nameOf(plan, ground.person)}`;
      return `It is in ${tag}, entry ${ground.slot}, and ${whose}. ${tag} keeps no schedule.`;
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
      return `It is not in ${tag}, as far as known.`;
    case 'not-recorded':
      return `Nobody has recorded what ${tag} holds: at Program it is entered as found, or keyed in.`;
    case 'nothing-decides':
      return 'Nothing at this door decides about cards or codes.';
  }
});

/** The answer in a word, and what is taken for another card. */
export const judgedWords = spoken(
  ({ opens, as }: Judgement): string =>
    `${opens === null ? 'Not known' : opens ? 'It opens' : 'It stays locked'}${
      as ? `: it is taken for ${as.facility}-${as.number}` : ''
    }`,
);

const PARTS: Readonly<Record<ConfigurationDifference['part'], string>> = {
  frame: 'The card format',
  'without-network': 'What it does without its network',
  door: 'Door',
  calendar: 'Calendar',
  hours: 'Schedule',
  level: 'Level',
  person: '',
};

/** `Ines Calloway is not in it yet.` */
export const configurationDifferenceWords = spoken(function configurationDifferenceWords({
  part,
  name,
  how,
}: ConfigurationDifference): string {
  const what =
    part === 'frame' || part === 'without-network'
      ? PARTS[part]
      : [PARTS[part], part === 'person' || part === 'door' ? name : `“${name}”`].filter(Boolean).join(' ');
  return `${what} ${how === 'missing' ? 'is not in it yet' : how === 'left-over' ? 'is still in it' : 'differs in it'}.`;
});

/** What a controller decided, and why. */
export const decisionWords = spoken(function decisionWords(
  plan: Plan,
  held: Configuration,
  { opens, person, why }: Decision,
): string {
  const answer = opens ? 'It opens.' : 'It stays locked.';
  switch (why.kind) {
    case 'rule':
      return [answer, person === null ? '' : `${nameOf(plan, person)}.`, ruleWords(plan, why.rule, opens)]
        .filter(Boolean)
        .join(' ');
    case 'unseen':
      return `${answer} It does not read the bits as a ${held.frame.bits}-bit card.`;
    case 'nobody':
      return `${answer} Nobody in its list has it.`;
    case 'no-such-door':
      return `${answer} It does not know this door.`;
    case 'lost-network':
      return `${answer} Without its network it lets nobody in.`;
    case 'facility':
      return `${answer} Without its network every card of the site is let in.`;
  }
});
