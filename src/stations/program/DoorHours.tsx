import { doorParts } from '#core/door/index';
import { does } from '#core/devices/index';
import type { Door } from '#core/plan/index';
import { say } from '#words/stations/program/DoorHours';
import { DoorsByHours } from '../../parts/access/DoorsByHours';
import { WeekView } from '../../parts/access/WeekView';
import { useNow } from '../../parts/moments/today';
import { usePlan } from '../../store/context';
import css from './ProgramStation.module.css';

/** When a door opens to whom: its free passage, its opening hours, and a week of it. */
export function DoorHours({ door }: { door: Door }) {
  const plan = usePlan();
  const now = useNow();
  const { decider } = doorParts(plan, door.id);
  const keepsNone = decider !== null && !does(decider.type, 'clock');
  return (
    <div className={css['hours']}>
      {keepsNone && <p className={css['note']}>{say.keepsNoHoursWhoever(decider.device.tag)}</p>}
      <DoorsByHours doors={[door]} />
      <WeekView only={say.door(door.id)} now={now} />
    </div>
  );
}
