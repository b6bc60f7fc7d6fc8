import type { Act, Scenario } from '../schemas/scenario';
import { describe } from './kind';

const deviceIn = (act: Act): string | null => ('device' in act ? act.device : null);
const wireIn = (act: Act): string | null => ('wire' in act ? act.wire : null);

/** What is left of a scenario when a thing that some of its acts were done to is gone. */
const without =
  (named: (act: Act) => string | null) =>
  ({ acts }: Scenario, gone: string): Partial<Scenario> => ({
    acts: acts.filter((act) => named(act) !== gone),
  });
const namedBy =
  (named: (act: Act) => string | null) =>
  ({ acts }: Scenario) =>
    acts.flatMap((act, index) => {
      const id = named(act);
      return id === null ? [] : [{ id, at: `acts[${index}]` }];
    });

export const SCENARIOS = describe('scenarios', {
  list: 'scenarios',
  as: 'scenario',
  word: 'scenario',
  key: 'id',
  verbs: { add: 'addScenario', set: 'setScenario', remove: 'removeScenario' },
  fixed: ['id', 'door'],
  most: 20_000,
  refs: [
    { to: 'doors', of: ({ door }) => [{ id: door, at: 'door' }], onGone: 'goes' },
    { to: 'devices', of: namedBy(deviceIn), onGone: without(deviceIn) },
    { to: 'conductors', of: namedBy(wireIn), onGone: without(wireIn) },
  ],
  secrets: {},
  doors: ({ door }) => [door],
});
