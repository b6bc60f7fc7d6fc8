import type { Roles } from '#core/devices/index';
import { say } from '#words/sitePages/types/RolesEditor';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { ValueFields } from './ValueFields';
import css from './TypeEditor.module.css';

/** Jobs that terminals may have, with the terminals each names and whether a device may have several of it. */
const JOBS = {
  feed: { label: say.isFed, keys: ['plus', 'minus'], many: false },
  supply: { label: say.feedsOthers, keys: ['plus', 'minus'], many: false },
  lock: { label: say.locksOwnTerminals, keys: ['plus', 'minus'], many: false },
  switches: { label: say.contactThatSwitchesALock, keys: ['com', 'nc', 'no'], many: true },
  breakers: { label: say.contactBreaksLocksPower, keys: ['com', 'nc'], many: true },
  exitInputs: { label: say.inputForExitDevices, keys: ['input', 'common'], many: true },
  contactInputs: { label: say.inputForDoorContacts, keys: ['input', 'common'], many: true },
  exitContact: { label: say.exitContact, keys: ['a', 'b'], many: false },
  doorContact: { label: say.doorContact, keys: ['a', 'b'], many: false },
  statusContact: { label: say.locksOwnStatusContact, keys: ['a', 'b'], many: false },
  bellContact: { label: say.bellContact, keys: ['a', 'b'], many: false },
  bellOut: { label: say.ringsOrLights, keys: ['plus', 'minus'], many: false },
  dataOut: { label: say.dataLinesOfAReader, keys: ['d0', 'd1'], many: false },
  dataInputs: { label: say.portReadersDataLines, keys: ['d0', 'd1'], many: true },
  coil: { label: say.relayCoil, keys: ['plus', 'minus'], many: false },
  poles: { label: say.poleOfARelay, keys: ['com', 'nc', 'no'], many: true },
} as const satisfies Partial<Record<keyof Roles, { label: string; keys: readonly string[]; many: boolean }>>;
type Job = keyof typeof JOBS;

/** What Aldaba's own wiring may use a terminal for. Without a job a terminal is left to the hand. */
export function RolesEditor({
  roles,
  pins,
  onChange,
}: {
  roles: Roles;
  pins: readonly string[];
  onChange(roles: Roles): void;
}) {
  const listOf = (job: Job): Record<string, string>[] => {
    const value = roles[job] as unknown;
    if (value === undefined) return [];
    return (Array.isArray(value) ? value : [value]) as Record<string, string>[];
  };
  const put = (job: Job, list: readonly Record<string, string>[]) => {
    const { [job]: _old, ...rest } = roles;
    if (list.length === 0) onChange(rest);
    else onChange({ ...rest, [job]: JOBS[job].many ? list : list[0] } as Roles);
  };
  const add = (job: Job) => {
    const fresh = Object.fromEntries(JOBS[job].keys.map((key, index) => [key, pins[index] ?? pins[0] ?? '']));
    put(job, JOBS[job].many ? [...listOf(job), fresh] : [fresh]);
  };
  return (
    <section aria-label={say.jobsOfTerminals}>
      <h3>{say.whatAldabasWiringMayUse}</h3>
      {(Object.keys(JOBS) as Job[]).flatMap((job) =>
        listOf(job).map((one, index) => (
          <div key={`${job}${index}`} className={css['row']} role="group" aria-label={JOBS[job].label}>
            <span className={css['kind']}>{JOBS[job].label}</span>
            <ValueFields
              value={one}
              path={`${job}${index}`}
              choices={() => pins}
              onChange={(next) =>
                put(
                  job,
                  listOf(job).map((old, i) => (i === index ? next : old)),
                )
              }
            />
            <Button
              size="s"
              look="quiet"
              onClick={() =>
                put(
                  job,
                  listOf(job).filter((_, i) => i !== index),
                )
              }
            >
              {say.remove}
            </Button>
          </div>
        )),
      )}
      <SelectField label={say.addAJob} bare value="" onChange={(event) => add(event.target.value as Job)}>
        <option value="">{say.giveTerminalsAJob}</option>
        {(Object.keys(JOBS) as Job[])
          .filter((job) => JOBS[job].many || listOf(job).length === 0)
          .map((job) => (
            <option key={job} value={job}>
              {JOBS[job].label}
            </option>
          ))}
      </SelectField>
    </section>
  );
}
