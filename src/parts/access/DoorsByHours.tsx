import { does, roleValue, settingFor } from '#core/devices/index';
import { doorParts } from '#core/door/index';
import { type Door, type Edit, type Hours } from '#core/plan/index';
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
      {doors.length > 1 && <h2>Doors by hours</h2>}
      <div className={css['wide']}>
        <table className={table['table']}>
          <caption className="hush">Free passage and opening hours of each door</caption>
          <thead>
            <tr>
              <th scope="col">Door</th>
              <th scope="col">Free passage: unlocked to everybody</th>
              <th scope="col">begins</th>
              <th scope="col">Opening hours: shut outside them</th>
            </tr>
          </thead>
          <tbody>
            {doors.map((door) => (
              <DoorRow key={door.id} door={door} hours={hours} />
            ))}
          </tbody>
        </table>
      </div>
      <p className={css['hint']}>
        Levels that are given so open a door outside its opening hours too. Nobody is kept in: opening hours
        and levels are about coming in.
      </p>
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
      edits.length === 1 ? edits[0]! : { kind: 'batch', label: `free passage of ${door.id}`, edits },
      `free passage of ${door.id}`,
    );
  };
  const options = (
    <>
      <option value="">none</option>
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
          aria-label={`Free passage of ${door.id}`}
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
            aria-label={`How free passage of ${door.id} begins`}
            value={begins}
            onChange={(event) =>
              dispatch(
                {
                  kind: 'setSetting',
                  device: decider!.device.id,
                  setting: setting.id,
                  value: event.target.value,
                },
                `how free passage of ${door.id} begins`,
              )
            }
          >
            <option value="no">not set at {decider!.device.tag}</option>
            <option value="clock">by the clock</option>
            <option value="first-in">with the first person in</option>
          </select>
        ) : (
          <em className={css['lacks']}>
            {decider ? `${decider.device.tag} keeps no hours` : 'nothing decides'}
          </em>
        )}
      </td>
      <td>
        <select
          aria-label={`Opening hours of ${door.id}`}
          value={door.openingHours ?? ''}
          onChange={(event) =>
            dispatch(
              { kind: 'setDoor', id: door.id, patch: { openingHours: event.target.value || null } },
              `opening hours of ${door.id}`,
            )
          }
        >
          {options}
        </select>
      </td>
    </tr>
  );
}
