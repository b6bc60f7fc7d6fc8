import { does, roleValue, settingFor } from '#core/devices/index';
import { doorParts } from '#core/door/index';
import { type Door, type Edit, type Hours } from '#core/plan/index';
import { say } from '#words/parts/access/DoorsByHours';
import { useDispatch, usePlan } from '../../store/context';
import { inOrder } from './inOrder';
import table from '../../ui/DataTable.module.css';
import css from './Access.module.css';

/** Which doors stand unlocked by which hours, and which are shut out of theirs. */
export function DoorsByHours({ doors }: { doors: readonly Door[] }) {
  const hours = inOrder(usePlan().hours);
  if (doors.length === 0) return null;
  return (
    <section className={css['byHours']}>
      {doors.length > 1 && <h2>{say.doorsByHours}</h2>}
      <div className={css['wide']}>
        <table className={table['table']}>
          <caption className="hush">{say.freePassageOpeningHours}</caption>
          <thead>
            <tr>
              <th scope="col">{say.door}</th>
              <th scope="col">{say.freePassageUnlockedToEverybody}</th>
              <th scope="col">{say.begins}</th>
              <th scope="col">{say.openingHoursShutOutsideThem}</th>
            </tr>
          </thead>
          <tbody>
            {doors.map((door) => (
              <DoorRow key={door.id} door={door} hours={hours} />
            ))}
          </tbody>
        </table>
      </div>
      <p className={css['hint']}>{say.levelsGivenSoOpen}</p>
    </section>
  );
}

function DoorRow({ door, hours }: { door: Door; hours: readonly Hours[] }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const { decider, channel } = doorParts(plan, door.id);
  const keeps = decider !== null && does(decider.type, 'clock');
  const setting = keeps ? settingFor(decider.type, 'free', channel) : null;
  const begins = keeps ? String(roleValue(decider.type, decider.device.settings, 'free', channel)) : 'no';
  const setFree = (id: string | null) => {
    const edits: Edit[] = [{ kind: 'setDoor', id: door.id, patch: { freePassage: id } }];
    // The menu of what decides follows: hours without it, and it without hours, are both a mistake.
    if (setting && (begins === 'no') !== (id === null))
      edits.push({
        kind: 'setSetting',
        device: decider!.device.id,
        setting: setting.id,
        value: id === null ? 'no' : 'first-in',
      });
    dispatch(
      edits.length === 1 ? edits[0]! : { kind: 'batch', label: say.freePassageOf(door.id), edits },
      say.freePassageOf(door.id),
    );
  };
  const options = (
    <>
      <option value="">{say.none}</option>
      {hours.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </>
  );
  return (
    <tr>
      <th scope="row">
        {door.id} {door.name}
      </th>
      <td>
        <select
          aria-label={say.freePassageOf2(door.id)}
          value={door.freePassage ?? ''}
          onChange={(event) => setFree(event.target.value || null)}
        >
          {options}
        </select>
      </td>
      <td>
        {door.freePassage === null ? (
          '—'
        ) : setting ? (
          <select
            aria-label={say.howFreePassageOfBegins(door.id)}
            value={begins}
            onChange={(event) =>
              dispatch(
                {
                  kind: 'setSetting',
                  device: decider!.device.id,
                  setting: setting.id,
                  value: event.target.value,
                },
                say.howFreePassageOfBegins2(door.id),
              )
            }
          >
            <option value="no">{say.notSetAt(decider!.device.tag)}</option>
            <option value="clock">{say.byTheClock}</option>
            <option value="first-in">{say.withTheFirstPersonIn}</option>
          </select>
        ) : (
          <em className={css['lacks']}>
            {decider ? say.keepsNoHours(decider.device.tag) : say.nothingDecides}
          </em>
        )}
      </td>
      <td>
        <select
          aria-label={say.openingHoursOf(door.id)}
          value={door.openingHours ?? ''}
          onChange={(event) =>
            dispatch(
              { kind: 'setDoor', id: door.id, patch: { openingHours: event.target.value || null } },
              say.openingHoursOf2(door.id),
            )
          }
        >
          {options}
        </select>
      </td>
    </tr>
  );
}
