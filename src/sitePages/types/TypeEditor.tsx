import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import {
  does,
  FAMILIES,
  SYMBOL_IDS,
  typeProblems,
  type DeviceType,
  type Part,
  type PartKind,
  type Place,
} from '#core/devices/index';
import { asDeviceType } from '#core/devices/asDeviceType';
import { deviceTypeSchema } from '#core/devices/deviceTypeSchema';
import { languageOf, LANGUAGES } from '#core/keypads/index';
import { FAMILY_LABELS, PART_LABELS } from '#words/devices';
import { say } from '#words/sitePages/types/TypeEditor';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { Symbol } from '../../ui/Symbol';
import { usePlan } from '../../store/context';
import { BankRows } from './BankRows';
import { blankLock, blankPart, freeId } from './blankType';
import { FunctionRows } from './FunctionRows';
import { RolesEditor } from './RolesEditor';
import { TestBench } from './TestBench';
import { RemoveButton, SettingRow, TerminalRow } from './TypeRows';
import { choicesOf, ValueFields } from './ValueFields';
import css from './TypeEditor.module.css';

interface Props {
  readonly draft: DeviceType;
  onChange(type: DeviceType): void;
  onSave(type: DeviceType): void;
  onClose(): void;
}

const PLACES: Record<Place, string> = {
  outside: say.outside,
  inside: say.inside,
  frame: say.inTheFrame,
  above: say.aboveTheDoor,
  enclosure: say.inTheEnclosure,
};

/** A device type on the bench: its terminals, the parts between them, what it does, and a test circuit beside it. */
export function TypeEditor({ draft, onChange, onSave, onClose }: Props) {
  const plan = usePlan();
  const set = (patch: Partial<DeviceType>) => onChange({ ...draft, ...patch });
  const [refused, setRefused] = useState<string | null>(null);
  const choices = choicesOf(draft);
  const board = draft.parts.find(({ kind }) => kind === 'electronic')?.id ?? '';
  const pins = draft.terminals.map(({ id }) => id);
  const save = () => {
    const parsed = deviceTypeSchema.safeParse(JSON.parse(JSON.stringify(draft)));
    if (!parsed.success) {
      const [issue] = parsed.error.issues;
      setRefused(`${issue?.path.join('.') ?? ''}: ${issue?.message ?? ''}`);
      return;
    }
    setRefused(null);
    onSave(asDeviceType(parsed.data));
  };
  return (
    <div className={css['editor']}>
      <div className={css['form']}>
        <section aria-label={say.whatItIs}>
          <h3>
            <Symbol id={draft.symbol} /> {say.whatItIs}
          </h3>
          <div className={css['fields']}>
            <TextField
              label={say.name}
              value={draft.name}
              maxLength={120}
              onChange={(event) => set({ name: event.target.value })}
            />
            <TextField
              label={say.shortNameForDrawings}
              value={draft.short}
              maxLength={30}
              onChange={(event) => set({ short: event.target.value })}
            />
            <TextField
              label={say.letterItsTagsBeginWith}
              value={draft.tagPrefix}
              maxLength={3}
              onChange={(event) => set({ tagPrefix: event.target.value.toUpperCase() })}
            />
            <TextField
              label={say.housingIp}
              value={draft.ip}
              maxLength={4}
              onChange={(event) => set({ ip: event.target.value.toUpperCase() })}
            />
            <SelectField
              label={say.family}
              value={draft.family}
              onChange={(event) => set({ family: event.target.value as DeviceType['family'] })}
            >
              {FAMILIES.map((family) => (
                <option key={family} value={family}>
                  {FAMILY_LABELS[family]}
                </option>
              ))}
            </SelectField>
            <SelectField
              label={say.whereItStands}
              value={draft.place}
              onChange={(event) => set({ place: event.target.value as Place })}
            >
              {Object.entries(PLACES).map(([place, label]) => (
                <option key={place} value={place}>
                  {label}
                </option>
              ))}
            </SelectField>
            <SelectField
              label={say.symbol}
              value={draft.symbol}
              onChange={(event) => set({ symbol: event.target.value as DeviceType['symbol'] })}
            >
              {SYMBOL_IDS.map((symbol) => (
                <option key={symbol} value={symbol}>
                  {symbol}
                </option>
              ))}
            </SelectField>
            {does(draft, 'ownCodes') && (
              <SelectField
                label={say.languageAtItsKeys}
                value={draft.language ?? ''}
                onChange={({ target }) => {
                  const { language: _old, ...rest } = draft;
                  onChange(target.value === '' ? rest : { ...rest, language: target.value });
                }}
              >
                <option value="">{say.noneNotProgrammedKeys}</option>
                {[...Object.values(plan.languages), ...LANGUAGES].map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
                {draft.language !== undefined && !languageOf(plan, draft.language) && (
                  <option value={draft.language}>{say.whichNobodyDescribed(draft.language)}</option>
                )}
              </SelectField>
            )}
          </div>
          <TextField
            label={say.doesOneLine}
            value={draft.description}
            maxLength={400}
            onChange={(event) => set({ description: event.target.value })}
          />
        </section>

        <section aria-label={say.terminals}>
          <h3>{say.terminalsOrderTheyPrinted}</h3>
          {draft.terminals.map((terminal, index) => (
            <TerminalRow
              key={index}
              terminal={terminal}
              onChange={(next) =>
                set({
                  ...renamed(draft, terminal.id, next.id),
                  terminals: draft.terminals.map((old, i) => (i === index ? next : old)),
                })
              }
              onRemove={() => set({ terminals: draft.terminals.filter((_, i) => i !== index) })}
            />
          ))}
          <Button
            size="s"
            icon={<Plus aria-hidden />}
            onClick={() =>
              set({
                terminals: [
                  ...draft.terminals,
                  { id: freeId(pins, 'T'), maxConductors: 2, use: 'optional', sizes: [0.14, 1.5] },
                ],
              })
            }
          >
            {say.terminal}
          </Button>
        </section>

        <section aria-label={say.parts}>
          <h3>{say.partsBetweenTerminals}</h3>
          {draft.parts.map((part, index) => (
            <div key={index} className={css['row']} role="group" aria-label={say.part(part.id)}>
              <span className={css['kind']}>{PART_LABELS[part.kind]}</span>
              <ValueFields
                value={part}
                path={`part${index}`}
                choices={choices}
                skip={['kind', 'when', 'supervised', 'battery']}
                onChange={(next: Part) =>
                  set({ parts: draft.parts.map((old, i) => (i === index ? next : old)) })
                }
              />
              <RemoveButton
                label={say.removePart(part.id)}
                onClick={() => set({ parts: draft.parts.filter((_, i) => i !== index) })}
              />
            </div>
          ))}
          <SelectField
            label={say.addAPart}
            bare
            value=""
            onChange={(event) => {
              const kind = event.target.value as PartKind;
              const id = freeId(
                draft.parts.map((part) => part.id),
                kind === 'electronic' ? 'board' : kind,
              );
              set({ parts: [...draft.parts, blankPart(kind, id, [pins[0] ?? '', pins[1] ?? ''], board)] });
            }}
          >
            <option value="">{say.addAPart2}</option>
            {(Object.keys(PART_LABELS) as PartKind[]).map((kind) => (
              <option key={kind} value={kind}>
                {PART_LABELS[kind]}
              </option>
            ))}
          </SelectField>
        </section>

        <section aria-label={say.settings}>
          <h3>{say.settingsDipSwitchesJumpers}</h3>
          {draft.settings.map((setting, index) => (
            <SettingRow
              key={index}
              setting={setting}
              onChange={(next) =>
                set({ settings: draft.settings.map((old, i) => (i === index ? next : old)) })
              }
              onRemove={() => set({ settings: draft.settings.filter((_, i) => i !== index) })}
            />
          ))}
          <Button
            size="s"
            icon={<Plus aria-hidden />}
            onClick={() =>
              set({
                settings: [
                  ...draft.settings,
                  {
                    id: freeId(
                      draft.settings.map(({ id }) => id),
                      'mode',
                    ),
                    label: say.mode,
                    kind: 'choice',
                    options: [
                      { value: 'a', label: 'a' },
                      { value: 'b', label: 'b' },
                    ],
                    initial: 'a',
                  },
                ],
              })
            }
          >
            {say.choice}
          </Button>{' '}
          <Button
            size="s"
            icon={<Plus aria-hidden />}
            onClick={() =>
              set({
                settings: [
                  ...draft.settings,
                  {
                    id: freeId(
                      draft.settings.map(({ id }) => id),
                      'time',
                    ),
                    label: say.time,
                    kind: 'number',
                    unit: 's',
                    min: 1,
                    max: 99,
                    initial: 5,
                  },
                ],
              })
            }
          >
            {say.number}
          </Button>
        </section>

        <BankRows
          type={draft}
          onChange={(banks) => {
            const { banks: _old, ...rest } = draft;
            onChange(banks.length > 0 ? { ...rest, banks } : rest);
          }}
        />

        <section aria-label={say.whatItDoes}>
          <h3>{say.whatItDoesOverTime}</h3>
          <FunctionRows
            type={draft}
            choices={choices}
            board={board}
            onChange={(functions) => set({ functions })}
          />
          <SelectField
            label={say.asALock}
            value={draft.lock?.kind ?? 'none'}
            onChange={(event) => {
              const kind = event.target.value as 'none' | 'magnet' | 'strike';
              const wanted = draft.parts.find((part) =>
                kind === 'magnet' ? part.kind === 'load' || part.kind === 'coil' : part.kind === 'coil',
              );
              const { lock: _old, ...rest } = draft;
              const lock = blankLock(kind, wanted?.id ?? '');
              onChange(lock ? { ...rest, lock } : rest);
            }}
          >
            <option value="none">{say.itIsNoLock}</option>
            <option value="magnet">{say.magnetHoldsByCurrent}</option>
            <option value="strike">{say.strikeBoltMortiseLock}</option>
          </SelectField>
          {draft.lock && (
            <div className={css['row']}>
              <ValueFields
                value={draft.lock}
                path="lock"
                choices={choices}
                skip={['kind']}
                onChange={(lock) => set({ lock })}
              />
            </div>
          )}
        </section>

        <RolesEditor roles={draft.roles} pins={pins} onChange={(roles) => set({ roles })} />

        <div className={css['acts']}>
          <Button look="main" disabled={typeProblems(draft).length > 0} onClick={save}>
            {say.saveAsVersion(draft.version)}
          </Button>
          <Button onClick={onClose}>{say.leaveIt}</Button>
          {refused && (
            <p role="alert" className={css['refused']}>
              {say.notSavedYouEntered(refused)}
            </p>
          )}
        </div>
      </div>
      <TestBench type={draft} />
    </div>
  );
}

/** Parts and roles follow a terminal that gets another name. */
function renamed(type: DeviceType, old: string, next: string): Partial<DeviceType> {
  if (old === next) return {};
  const swap = (value: unknown): unknown => {
    if (typeof value === 'string') return value === old ? next : value;
    if (Array.isArray(value)) return value.map(swap);
    if (typeof value === 'object' && value !== null)
      return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, swap(one)]));
    return value;
  };
  return {
    parts: type.parts.map((part) => ({
      ...part,
      a: part.a === old ? next : part.a,
      b: part.b === old ? next : part.b,
    })),
    roles: swap(type.roles) as DeviceType['roles'],
  };
}
