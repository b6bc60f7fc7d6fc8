import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { react } from '../functions/index';
import { loneDevice } from '../specimens/loneDevice';
import { channelsOf, does, findType, functionOf, functionsOf, type DeviceType } from './index';
import { LIBRARY } from './library/index';

const both = (one: DeviceType, other: DeviceType): DeviceType => ({
  ...one,
  functions: [...one.functions, ...other.functions],
});

describe('functions of a type', () => {
  it('are asked for by kind, whatever else it does', () => {
    for (const type of LIBRARY)
      for (const { kind } of type.functions) {
        expect(does(type, kind)).toBe(true);
        expect(functionOf(type, kind)).toBe(functionsOf(type, kind)[0]);
      }
    expect(does({ functions: [] }, 'decides', 'lever')).toBe(false);
    expect(functionOf({ functions: [] }, 'lever')).toBeNull();
  });
  it('have channels in one order: those that decide, then the timed relay of its own', () => {
    const [timed, two] = [findType('supply-12v-timed')!, findType('controller-2-dry')!];
    const names = (type: DeviceType) => channelsOf(type).map(({ settings }) => settings);
    expect(names(both(timed, two))).toEqual(['ch1', 'ch2', 't']);
    expect(names(both(two, timed))).toEqual(['ch1', 'ch2', 't']);
  });
});

describe('a device that is several things', () => {
  const kinds = ['exit-button', 'exit-touchless', 'break-glass-double', 'fire-relay', 'exit-lever-contact'];
  const types = kinds.map((id) => findType(id)!);
  const signals = fc.constantFrom(
    { kind: 'press' },
    { kind: 'lever' },
    { kind: 'break' },
    { kind: 'reset' },
    { kind: 'fire' },
    { kind: 'fireReset' },
    { kind: 'power', on: false },
    { kind: 'timer', name: 'end.pressed' },
    { kind: 'timer', name: 'end.sensed' },
  ) as fc.Arbitrary<Parameters<typeof react>[2]>;

  it('answers as each of them would, and each timer ends its own state', () => {
    const two = fc.shuffledSubarray(types, { minLength: 2, maxLength: 2 });
    fc.assert(
      fc.property(two, signals, ([one, other], signal) => {
        const act = (type: DeviceType) => react({ device: loneDevice(type), type }, {}, signal);
        const [first, second, all] = [act(one!), act(other!), act(both(one!, other!))];
        expect(all.set ?? {}).toEqual({ ...first.set, ...second.set });
        expect(all.timers ?? []).toEqual([...(first.timers ?? []), ...(second.timers ?? [])]);
      }),
    );
  });
});
