import { judge, play, type Differs } from '../../scenarios/index';
import { type Analysis, violation } from '../violation';

/** What is worst of a scenario that goes otherwise than expected, worst first. */
const WORST: readonly Differs['kind'][] = [
  'trapped',
  'thrown-open',
  'operator-blocked',
  'push',
  'alarm',
  'end',
  'lane',
];

/** Plays every scenario that is kept at the door, and says which goes otherwise than it is expected to. */
export const scenarios: Analysis<'plan' | 'door' | 'world' | 'rest'> = ({ plan, door, world, rest }) =>
  Object.values(plan.scenarios)
    .filter((scenario) => scenario.door === door.id)
    .sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1))
    .flatMap((scenario) => {
      const differs = judge(world, scenario, play(world, rest, scenario));
      const worst = WORST.flatMap((kind) => differs.filter((one) => one.kind === kind))[0];
      if (!worst) return [];
      const { kind, ...values } = worst;
      return [
        violation(
          'scenario-differs',
          [{ kind: 'door', id: door.id }],
          { scenario: scenario.id, name: scenario.name, differs: kind, count: differs.length, ...values },
          kind === 'trapped' ? { severity: 'stop' } : {},
        ),
      ];
    });
