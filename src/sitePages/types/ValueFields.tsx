import type { DeviceType } from '#core/devices/index';
import { ACTED, FOLLOWED } from '#core/functions/index';
import { say } from '#words/sitePages/types/ValueFields';
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
  maxAmps: say.maxAmps,
  maxVolts: say.maxVolts,
  minVolts: say.minVolts,
  startVolts: say.startsAtV,
  pullInVolts: say.pullsInAtV,
  dropOutVolts: say.dropsOutAtV,
  pullVolts: say.pullUpV,
  pullOhms: say.pullUp,
  closedBelow: say.closedBelowShare,
  openAbove: say.openAboveShare,
  forwardVolts: say.forwardV,
  clampVolts: say.clampsAtV,
  law: say.drawsConstant,
  draw: say.drawAOrW,
  poweredBy: say.poweredBy,
  state: say.workedBy,
  needs: say.needsBoard,
  forceNewtons: say.holdsN,
  ratedVolts: say.ratedV,
  holdShare: say.holdsFromShare,
  freeNewtons: say.freeBelowN,
  exitInput: say.exitInput,
  contactInput: say.contactInput,
  bell: say.bellKeySets,
  d0Input: say.data0Input,
  d1Input: say.data1Input,
  channels: say.doorsOneAfterOther,
  channel: say.itsRelay,
  relay: say.relayIs,
  settings: say.settingsBeginWith,
  exitSense: say.exitInputAnswers,
  usedSetting: say.usedBySetting,
  lostSetting: say.networkLostBySetting,
  lockdownSetting: say.lockdownSiteSetting,
  latchSetting: say.latchBySetting,
  triggerSetting: say.triggerBySetting,
  addressSetting: say.addressBySetting,
  terminatorSetting: say.terminatorBySetting,
  unitLoads: say.unitLoads,
  follows: say.follows,
  acts: say.does,
  restSetting: say.atRestBySetting,
  ofChannel: say.forDoor0TheFirst,
  clearSetting: say.waitsBySetting,
  exitsSetting: say.exitsBySetting,
  nuisanceSetting: say.nuisanceBySetting,
  delaySetting: say.delayBySetting,
  backSetting: say.powerBackBySetting,
  holdSetting: say.holdTimeBySetting,
  coilSetting: say.coilBySetting,
  fireSetting: say.fireLoopBySetting,
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
            <option value={String(value ?? '')}>{String(value ?? '') || say.none}</option>
          )}
          {value !== null && !OPTIONS[name] && !known.includes('') && String(value) !== '' && (
            <option value="">{say.none}</option>
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
