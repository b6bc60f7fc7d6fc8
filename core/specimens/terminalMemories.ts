import fc from 'fast-check';
import {
  takesCards,
  takesCodes,
  takesFingers,
  takesRoles,
  type KeypadLanguage,
  type Target,
} from '../keypads/index';
import type { SlotContent } from '../plan/index';

/** What a terminal with a screen may hold: some with a finger or two, one or the other an administrator. */
export const heldBy = (language: KeypadLanguage) =>
  contentsOf(language, {
    codes: takesCodes(language),
    cards: takesCards(language),
    roles: takesRoles(language),
    first: language.slots!.first,
    digits: language.code.least,
  });
const contentsOf = (
  language: KeypadLanguage,
  takes: { codes: boolean; cards: boolean; roles: boolean; first: number; digits: number },
) =>
  fc
    .array(
      fc.record({
        code: fc.boolean(),
        card: fc.boolean(),
        fingers: fc.nat(takesFingers(language) ? 2 : 0),
        administers: fc.boolean(),
        who: fc.nat(5),
      }),
      { maxLength: 4 },
    )
    .map((people) =>
      Object.fromEntries(
        [...new Map(people.map((one) => [one.who, one])).values()].flatMap(
          (
            { code: hasCode, card: hasCard, fingers: count, administers, who },
            index,
          ): [number, SlotContent][] => {
            const [code, card] = [hasCode && takes.codes, hasCard && takes.cards];
            return code || card || count > 0
              ? [
                  [
                    index + takes.first,
                    {
                      code: code ? String(4000 + who).padEnd(takes.digits, '0') : null,
                      card: card ? { facility: 7, number: who + 1 } : null,
                      ...(count > 0
                        ? { fingers: ['1', '2'].slice(0, count).map((n) => `P${who}/${n}`) }
                        : {}),
                      ...(administers && takes.roles ? { administers: true as const } : {}),
                      name: 'ABCDEF'[who]!,
                    },
                  ],
                ]
              : [];
          },
        ),
      ),
    );
export const targetOf = (slots: Target['slots']): Target => ({
  programmingCode: '',
  slots,
  unlockSeconds: 5,
});

/** Whatever of those who administer opens the menu. */
export const openersOf = (slots: Target['slots']): string[] =>
  Object.values(slots).flatMap(({ code, card, fingers = [], administers }) =>
    administers
      ? [...(code === null ? [] : [code]), ...(card ? [`card ${card.number}`] : []), ...fingers]
      : [],
  );
