import type { DeviceType } from '#core/devices/index';
import { ACTED, FOLLOWED } from '#core/functions/index';
import css from './TypeEditor.module.css';

/** What a field of a part or a behaviour may be chosen from. */
export type Choices = (key: string) => readonly string[] | null;

/** Names that a key of a behaviour, a lock or a role stands for: boards, inputs, settings, terminals. */
export function choicesOf(type: DeviceType): Choices {
  const parts = (kind: string) => type.parts.filter((part) => part.kind === kind).map(({ id }) => id);
  const terminals = type.terminals.map(({ id }) => id);
  return (key) => {
    if (/^(board|needs|poweredBy)$/.test(key)) return parts('electronic');
    if (/^(exitInput|contactInput|d0Input|d1Input|activate)$/.test(key)) return parts('input');
    if (key === 'coil') return parts('coil');
    if (/Setting$|^setting$/.test(key)) return type.settings.map(({ id }) => id);
    if (/^(a|b|common|plus|minus|com|nc|no|input|terminal|line|call|callIn|d0|d1)$/.test(key))
      return terminals;
    return null;
  };
}

/** Labels of keys, where the key itself does not say enough. */
const LABELS: Readonly<Record<string, string>> = {
  ohms: 'Ω',
  maxAmps: 'max A',
  maxVolts: 'max V',
  minVolts: 'min V',
  startVolts: 'starts at V',
  pullInVolts: 'pulls in at V',
  dropOutVolts: 'drops out at V',
  pullVolts: 'pull-up V',
  pullOhms: 'pull-up Ω',
  closedBelow: 'closed below (share)',
  openAbove: 'open above (share)',
  forwardVolts: 'forward V',
  clampVolts: 'clamps at V',
  law: 'draws constant',
  draw: 'draw (A or W)',
  poweredBy: 'powered by',
  state: 'worked by',
  needs: 'needs board',
  forceNewtons: 'holds N',
  ratedVolts: 'rated V',
  holdShare: 'holds from (share)',
  freeNewtons: 'free below N',
  exitInput: 'exit input',
  contactInput: 'contact input',
  bell: 'bell key sets',
  d0Input: 'data 0 input',
  d1Input: 'data 1 input',
  channels: 'its doors, one after the other',
  channel: 'its relay',
  relay: 'relay is',
  settings: 'settings begin with',
  exitSense: 'exit input answers',
  usedSetting: 'used by setting',
  lostSetting: 'network lost by setting',
  lockdownSetting: 'lockdown of the site by setting',
  latchSetting: 'latch by setting',
  triggerSetting: 'trigger by setting',
  addressSetting: 'address by setting',
  terminatorSetting: 'terminator by setting',
  unitLoads: 'unit loads',
  follows: 'follows',
  acts: 'does',
  restSetting: 'at rest by setting',
  ofChannel: 'for door (0: the first)',
  clearSetting: 'waits by setting',
  exitsSetting: 'exits by setting',
};
const OPTIONS: Readonly<Record<string, readonly string[]>> = {
  law: ['current', 'power'],
  form: ['NO', 'NC'],
  current: ['dc', 'ac', 'both'],
  follows: FOLLOWED,
  acts: ACTED,
};
export const labelOf = (key: string): string => LABELS[key] ?? key;

type Json = unknown;
interface Props {
  readonly name: string;
  readonly path: string;
  readonly value: Json;
  readonly choices: Choices;
  onChange(value: Json): void;
}

/** A field for whatever stands there: a number, a name to choose, a word, yes or no, or a group of these. */
export function ValueField({ name, path, value, choices, onChange }: Props) {
  const id = `${path}.${name}`;
  const known = OPTIONS[name] ?? choices(name);
  if (Array.isArray(value)) {
    return (
      <fieldset className={css['nested']}>
        <legend>{labelOf(name)}</legend>
        {value.map((one: Json, index) => (
          <ValueField
            key={index}
            name={typeof one === 'string' ? name.replace(/s$/, '') : String(index + 1)}
            path={id}
            value={one}
            choices={choices}
            onChange={(next) => onChange(value.map((old: Json, i) => (i === index ? next : old)))}
          />
        ))}
      </fieldset>
    );
  }
  if (typeof value === 'object' && value !== null) {
    return (
      <fieldset className={css['nested']}>
        <legend>{labelOf(name)}</legend>
        <ValueFields value={value as Record<string, Json>} path={id} choices={choices} onChange={onChange} />
      </fieldset>
    );
  }
  return (
    <label className={css['value']}>
      <span>{labelOf(name)}</span>
      {typeof value === 'boolean' ? (
        <input type="checkbox" checked={value} onChange={(event) => onChange(event.target.checked)} />
      ) : typeof value === 'number' ? (
        <input
          type="number"
          step="any"
          value={value}
          onChange={(event) => onChange(event.target.value === '' ? 0 : Number(event.target.value))}
        />
      ) : known ? (
        <select
          value={String(value ?? '')}
          onChange={(event) => onChange(event.target.value || (value === null ? null : ''))}
        >
          {!known.includes(String(value)) && (
            <option value={String(value ?? '')}>{String(value ?? '') || 'none'}</option>
          )}
          {value !== null && !OPTIONS[name] && !known.includes('') && String(value) !== '' && (
            <option value="">none</option>
          )}
          {known.map((one) => (
            <option key={one} value={one}>
              {one}
            </option>
          ))}
        </select>
      ) : (
        <input value={String(value ?? '')} onChange={(event) => onChange(event.target.value)} />
      )}
    </label>
  );
}

/** Every key of a value but the ones edited elsewhere. */
export function ValueFields<T extends object>({
  value,
  path,
  choices,
  skip = [],
  onChange,
}: {
  value: T;
  path: string;
  choices: Choices;
  skip?: readonly string[];
  onChange(value: T): void;
}) {
  return Object.entries(value)
    .filter(([key]) => !skip.includes(key))
    .map(([key, one]: [string, Json]) => (
      <ValueField
        key={key}
        name={key}
        path={path}
        value={one}
        choices={choices}
        onChange={(next) => onChange({ ...value, [key]: next })}
      />
    ));
}
