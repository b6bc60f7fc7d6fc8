import { useMemo, useState } from 'react';
import { autowire } from '#core/autowire/index';
import { isRunEntered, runOf } from '#core/door/index';
import {
  type TerminalId,
  applyEdit,
  schoolsOf,
  terminalLabel,
  type Conductor,
  type Door,
  type Edit,
  type Schools,
} from '#core/plan/index';
import { formatLength, METRES_PER_FOOT, metres, readQuantity } from '#core/units/index';
import { quantityFaultWords } from '#words/quantities';
import { SCHOOL_OPTIONS, SCHOOL_QUESTIONS } from '#words/schools';
import { say } from '#words/stations/wire/AutowireDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextField } from '../../ui/Field';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import css from './WireStation.module.css';

/** Chooses schools and run, and says what wiring would change before it changes it. */
export function AutowireDialog({
  open,
  onOpenChange,
  door,
}: {
  open: boolean;
  onOpenChange(open: boolean): void;
  door: Door;
}) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title={say.wireThisDoor}
      description={say.everyLoopHardwareAsks}
    >
      {open && <AutowireForm door={door} onDone={() => onOpenChange(false)} />}
    </Dialog>
  );
}

function AutowireForm({ door, onDone }: { door: Door; onDone(): void }) {
  const plan = usePlan();
  const unit = useUnit();
  const dispatch = useDispatch();
  const [schools, setSchools] = useState<Partial<Schools>>(door.schools);
  // Left empty, nobody has entered a run: lengths are assumed, and said to be.
  const [laid] = useState(() => (isRunEntered(plan, door.id) ? runOf(plan, door.id) : null));
  const shown =
    laid === null ? '' : String(Math.round((unit === 'ft' ? laid / METRES_PER_FOOT : laid) * 10) / 10);
  const [run, setRun] = useState(shown);
  // What was not touched stays what it is: a door laid in feet is not rounded into metres, nor the other way.
  const read =
    run.trim() === ''
      ? null
      : laid !== null && run === shown
        ? ({ kind: 'value', value: laid } as const)
        : readQuantity(run, 'm', { bare: unit });
  const usual = runOf(plan, door.id) ?? metres(unit === 'ft' ? 40 * METRES_PER_FOOT : 12);
  const distance = read === null ? usual : read.kind === 'value' ? metres(read.value) : null;
  const valid = distance !== null && distance > 0 && distance <= 500;
  const whyNot = valid
    ? null
    : read?.kind === 'fault'
      ? quantityFaultWords(read.fault, 'm')
      : say.lengthBetween0500;
  const entered = read !== null;
  const whole = schoolsOf({ schools });
  const wiring = useMemo(() => {
    if (!valid || distance === null) return null;
    const setting: Edit = { kind: 'setDoor', id: door.id, patch: { schools } };
    const chosen = applyEdit(plan, setting);
    return chosen.ok ? { setting, result: autowire(chosen.plan, door.id, distance, entered) } : null;
  }, [plan, door.id, schools, distance, entered, valid]);
  const lay = () => {
    if (!wiring) return;
    const edit: Edit = { kind: 'batch', label: say.wireTheDoor, edits: [wiring.setting, wiring.result.edit] };
    if (dispatch(edit, say.wireTheDoor)) onDone();
  };
  return (
    <form
      className={css['ask']}
      onSubmit={(event) => {
        event.preventDefault();
        lay();
      }}
    >
      <div className={css['schools']}>
        {(Object.keys(SCHOOL_QUESTIONS) as (keyof Schools)[]).map((question) => (
          <SelectField
            key={question}
            label={SCHOOL_QUESTIONS[question].label}
            hint={SCHOOL_QUESTIONS[question].hint}
            value={whole[question]}
            onChange={(event) => setSchools({ ...schools, [question]: event.target.value })}
          >
            {Object.entries(SCHOOL_OPTIONS[question]).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </SelectField>
        ))}
        <TextField
          label={say.cableRunEnclosureDoor}
          hint={say.lengthsCablesFollowLeave}
          placeholder={say.assumed(formatLength(usual, unit))}
          unit={unit}
          value={run}
          onChange={(event) => setRun(event.target.value)}
          error={whyNot}
          autoFocus
        />
      </div>
      {wiring && (
        <div className={css['changes']} role="status">
          <p>
            {sentence([
              [wiring.result.removed.length, say.removes],
              [wiring.result.added.length, say.adds],
              [wiring.result.unchanged.length - wiring.result.adjusted.length, say.leaves],
              [wiring.result.adjusted.length, say.changesSize],
            ])}
            {wiring.result.kept.length > 0 && say.keepsLaidByHand(count(wiring.result.kept.length))}
            {wiring.result.settings.length > 0 &&
              say.sets(
                wiring.result.settings
                  .map(({ device, setting, value }) =>
                    say.to(plan.devices[device]?.tag ?? '', setting, value),
                  )
                  .join(', '),
              )}
          </p>
          <Changes label={say.takesOut2} wires={wiring.result.removed} door={door} />
          <Changes label={say.lays} wires={wiring.result.added} door={door} />
        </div>
      )}
      <Button type="submit" look="main" disabled={!wiring}>
        {say.layTheWires}
      </Button>
    </form>
  );
}

const count = (n: number) => `${n} ${say.wires(n)}`;

function sentence(parts: readonly (readonly [number, (wires: string) => string])[]): string {
  const said = parts.filter(([n]) => n > 0).map(([n, say]) => say(count(n)));
  if (said.length === 0) return say.nothingChanges;
  const text = said.join(', ');
  return `${text.charAt(0).toUpperCase()}${text.slice(1)}.`;
}

function Changes({ label, wires, door }: { label: string; wires: readonly Conductor[]; door: Door }) {
  const plan = usePlan();
  if (wires.length === 0) return null;
  const name = (terminal: TerminalId) => terminalLabel(plan, terminal, door.id);
  return (
    <details>
      <summary>
        {label} {count(wires.length)}
      </summary>
      <ul>
        {wires.map((wire) => (
          <li key={wire.id}>
            {wire.number} {name(wire.from)} – {name(wire.to)} {wire.colour}
          </li>
        ))}
      </ul>
    </details>
  );
}
