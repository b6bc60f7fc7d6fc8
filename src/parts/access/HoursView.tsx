import Plus from 'lucide-react/icons/plus';
import { doorsInOrder } from '#core/plan/index';
import { say } from '#words/parts/access/HoursView';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { useDispatch, usePlan } from '../../store/context';
import { newId } from '../../store/newId';
import { inOrder } from './inOrder';
import css from './Access.module.css';
import { HoursCard } from './HoursCard';
import { DoorsByHours } from './DoorsByHours';

/** Hours by weekday with what holds on days off; and the doors that are unlocked, or shut, by them. */
export function HoursView() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const all = inOrder(plan.hours);
  const fresh = () =>
    dispatch(
      {
        kind: 'addHours',
        hours: {
          id: newId(),
          name: all.length === 0 ? say.workingHours : say.hours(all.length + 1),
          order: all.length,
          rows: [{ days: [1, 2, 3, 4, 5], from: 420, to: 1140 }],
          holidays: Object.keys(plan.calendars).map((calendar) => ({ calendar, spans: [] })),
        },
      },
      say.addHours,
    );
  return (
    <div className={css['cards']}>
      {all.length === 0 && (
        <Empty
          title={say.noHoursYet}
          action={
            <Button icon={<Plus aria-hidden />} onClick={fresh}>
              {say.hours2}
            </Button>
          }
        >
          {say.hoursSayWhenLevels}
        </Empty>
      )}
      {all.map((hours) => (
        <HoursCard key={hours.id} hours={hours} />
      ))}
      {all.length > 0 && (
        <>
          <p>
            <Button size="s" icon={<Plus aria-hidden />} onClick={fresh}>
              {say.hours2}
            </Button>
          </p>
          <DoorsByHours doors={doorsInOrder(plan)} />
        </>
      )}
    </div>
  );
}
