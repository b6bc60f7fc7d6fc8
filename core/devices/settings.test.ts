import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asDeviceType } from './asDeviceType';
import { deviceTypeSchema } from './deviceTypeSchema';
import {
  CHANNEL_ROLES,
  channelsOf,
  does,
  findType,
  roleValue,
  SETTING_ROLES,
  settingFault,
  settingFits,
  settingFor,
  TEXT_FORMATS,
  typeProblems,
  withSettingRoles,
  type DeviceType,
  type Setting,
} from './index';
import { LIBRARY } from './library/index';
import { numberTried } from '../../scripts/testSlice';

const withoutRoles = (type: DeviceType): DeviceType => ({
  ...type,
  settings: type.settings.map(({ role: _role, channel: _channel, ...setting }) => setting as Setting),
});
const problemsOf = (type: DeviceType) => typeProblems(type).map(({ path, code }) => `${path} ${code}`);
const controller = findType('controller-two-door') ?? LIBRARY.find(({ family }) => family === 'controller')!;

describe('settings of the library', () => {
  it('start on a value that they take', () => {
    for (const type of LIBRARY)
      for (const setting of type.settings)
        expect([type.id, setting.id, settingFits(setting, setting.initial)]).toEqual([
          type.id,
          setting.id,
          true,
        ]);
  });
  it('have a role wherever their name says what they are for, and no role twice', () => {
    for (const type of LIBRARY) {
      expect([type.id, withSettingRoles(type)]).toEqual([type.id, type]);
      const keys = type.settings.flatMap(({ role, channel }) => (role ? [`${role} ${channel ?? 0}`] : []));
      expect([type.id, new Set(keys).size]).toEqual([type.id, keys.length]);
    }
  });
  it('give every channel its times', () => {
    for (const type of LIBRARY) {
      if (type.family !== 'controller') continue;
      channelsOf(type).forEach((_, channel) => {
        expect([type.id, channel, settingFor(type, 'unlock', channel)?.kind]).toEqual([
          type.id,
          channel,
          'number',
        ]);
        expect(settingFor(type, 'exit', channel)).toBeDefined();
      });
    }
  });
});

describe('settingFor and roleValue', () => {
  it('keep channels apart, and know one that the device has as a whole whatever channel is asked', () => {
    const [one, two] = [settingFor(controller, 'unlock', 0)!, settingFor(controller, 'unlock', 1)!];
    expect(one.id).not.toBe(two.id);
    expect(roleValue(controller, { [two.id]: 17 }, 'unlock', 1)).toBe(17);
    expect(roleValue(controller, { [two.id]: 17 }, 'unlock', 0)).toBe(one.initial);
    const supply = LIBRARY.find((type) => settingFor(type, 'hours'))!;
    expect(settingFor(supply, 'hours', 3)).toBe(settingFor(supply, 'hours'));
  });
  it('know nothing of a role that the type has not', () => {
    expect(settingFor(controller, 'ip', 9)?.role).toBe(settingFor(controller, 'ip')?.role);
    expect(roleValue(findType('joint')!, {}, 'unlock')).toBeUndefined();
  });
});

describe('settingFits and settingFault', () => {
  it('take no value of another kind', () => {
    for (const type of LIBRARY)
      for (const setting of type.settings) {
        expect(settingFits(setting, setting.kind === 'number' ? '5' : 5)).toBe(false);
        expect(settingFault(type, 'no such setting', 1)).toBe('unknown-setting');
        expect(settingFault(type, setting.id, setting.kind === 'number' ? setting.max + 1 : '\u0000')).toBe(
          'bad-value',
        );
      }
  });
  it('look at text by formats of their own, in no time, whatever it is', () => {
    const begun = performance.now();
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.values(TEXT_FORMATS)),
        fc.string({ maxLength: 500 }),
        (format, text) => {
          format.test(text);
        },
      ),
      { numRuns: numberTried(2000) },
    );
    for (const format of Object.values(TEXT_FORMATS)) format.test(`${'a'.repeat(5000)}!`);
    expect(performance.now() - begun).toBeLessThan(60_000);
  });
  it('know addresses by their look', () => {
    expect(TEXT_FORMATS.ipv4.test('10.0.4.21')).toBe(true);
    for (const text of ['10.0.4', '10.0.4.21.1', 'a.b.c.d', '10.0.4.2111', ' 10.0.4.21'])
      expect([text, TEXT_FORMATS.ipv4.test(text)]).toEqual([text, false]);
    expect(TEXT_FORMATS.mac.test('02:00:5e:10:00:21')).toBe(true);
    expect(TEXT_FORMATS.mac.test('02-00-5e-10-00-21')).toBe(false);
  });
});

describe('types of older versions', () => {
  it('get the roles that their settings’ names say', () => {
    for (const type of LIBRARY)
      expect([type.id, withSettingRoles(withoutRoles(type))]).toEqual([type.id, type]);
  });
  it('get them behind whatever prefix their channel has', () => {
    const [channel] = channelsOf(controller);
    const odd: DeviceType = {
      ...withoutRoles(controller),
      functions: [{ kind: 'decides', board: 'board', channels: [{ ...channel!, settings: 'door1' }] }],
      settings: [{ id: 'door1.unlock', label: 'x', kind: 'number', unit: 's', min: 1, max: 99, initial: 7 }],
    };
    expect(settingFor(withSettingRoles(odd), 'unlock')?.id).toBe('door1.unlock');
    expect(settingFor(odd, 'unlock')).toBeUndefined();
  });
  it('have patterns of their own read as named formats', () => {
    const old = {
      ...JSON.parse(JSON.stringify(findType('network-switch-poe'))),
      id: 'own-switch@1',
      settings: [
        {
          id: 'ip',
          label: 'address',
          kind: 'text',
          pattern: '^(\\d{1,3}\\.){3}\\d{1,3}$',
          example: '',
          initial: '',
        },
        { id: 'room', label: 'room', kind: 'text', pattern: '^(a+)+$', example: 'a', initial: '' },
      ],
    };
    const type = asDeviceType(deviceTypeSchema.parse(old));
    expect(type.settings).toMatchObject([
      { id: 'ip', format: 'ipv4', role: 'ip' },
      { id: 'room', format: 'text' },
    ]);
    expect(JSON.stringify(type)).not.toContain('pattern');
  });
});

describe('typeProblems of settings', () => {
  const base = findType('magnet-lock') ?? LIBRARY.find(({ lock }) => lock?.kind === 'magnet')!;
  const strike = LIBRARY.find(({ lock }) => lock?.kind === 'strike' && lock.mode.by === 'setting')!;
  const having = (...settings: Setting[]): DeviceType => ({
    ...base,
    settings: [...base.settings, ...settings],
  });
  const number = (over: object): Setting =>
    ({ id: 'n', label: 'n', kind: 'number', unit: '', min: 1, max: 9, initial: 5, ...over }) as Setting;

  it('finds none in the library', () => {
    for (const type of LIBRARY) expect([type.id, problemsOf(type)]).toEqual([type.id, []]);
  });
  it.each([
    ['a start that is no value', number({ initial: 10 }), 'initial bad-initial'],
    ['limits the wrong way round', number({ min: 9, max: 1, initial: 5 }), 'min limits-crossed'],
    ['more than its switches can say', number({ dip: 2, max: 9 }), 'max limits-crossed'],
    ['a role of another kind', number({ role: 'relock' }), 'role wrong-kind'],
    [
      'an option twice',
      {
        id: 'c',
        label: 'c',
        kind: 'choice',
        options: [
          { value: 'a', label: '' },
          { value: 'a', label: '' },
        ],
        initial: 'a',
      } as Setting,
      'options twice',
    ],
    [
      'a start on no option',
      { id: 'c', label: 'c', kind: 'choice', options: [{ value: 'a', label: '' }], initial: 'b' } as Setting,
      'initial bad-initial',
    ],
    [
      'text that its format refuses',
      { id: 't', label: 't', kind: 'text', format: 'mac', example: '', initial: 'x' } as Setting,
      'initial bad-initial',
    ],
  ])('names %s', (_, setting, expected) => {
    const at = `settings[${base.settings.length}].${expected}`;
    expect(problemsOf(having(setting))).toContain(at);
  });
  it('names a role that two settings have', () => {
    const twice = having(number({ id: 'a', role: 'hours' }), number({ id: 'b', role: 'hours' }));
    expect(problemsOf(twice)).toContain(`settings[${base.settings.length + 1}].role twice`);
  });
  it('names a lock that reads a setting which is not there, or has not the values', () => {
    const rated = { setting: 'none', values: { a: 12 } };
    expect(
      problemsOf({ ...base, lock: { ...base.lock, ratedVolts: rated } as DeviceType['lock'] }),
    ).toContain('lock.ratedVolts unknown-setting');
    expect(problemsOf({ ...strike, settings: [] })).toContain('lock.mode.setting unknown-setting');
    const mode =
      strike.lock?.kind === 'strike' && strike.lock.mode.by === 'setting' ? strike.lock.mode.setting : '';
    const only = strike.settings.map((one): Setting =>
      one.id === mode && one.kind === 'choice'
        ? { ...one, options: [{ value: 'fail-safe', label: '' }], initial: 'fail-safe' }
        : one,
    );
    expect(problemsOf({ ...strike, settings: only })).toContain('lock.mode.setting value-missing');
  });
  it('names a latch that is not there: a relay that does not latch would read as one that does', () => {
    const relay = LIBRARY.find((type) => does(type, 'fireRelay'))!;
    expect(problemsOf({ ...relay, settings: [] })).toContain('functions[0].latchSetting unknown-setting');
  });
  it('knows a role for every kind of channel setting', () => {
    for (const role of CHANNEL_ROLES) expect(SETTING_ROLES).toContain(role);
  });
});
