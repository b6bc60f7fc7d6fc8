import { hardwareEdit, proposeHardware, recommendDeadState } from '#core/brief/index';
import type { Door, Edit } from '#core/plan/index';
import { STATE_NAMES, STATE_SENTENCES } from '#words/deadStates';
import { say } from '#words/stations/wire/HardwareChoice';
import { Button } from '../../ui/Button';
import { StationFrame } from '../../parts/StationFrame';
import { useStore } from '../../store/context';
import css from './WireStation.module.css';

/** The empty door: sets of hardware that suit its brief. */
export function HardwareChoice({ door, onFound }: { door: Door; onFound(): void }) {
  const store = useStore();
  const advice = recommendDeadState(door.brief);
  const known = door.deadState !== null || advice.ok;
  const state = door.deadState?.state ?? (advice.ok ? advice.recommended : 'fail-safe');
  const other = state === 'fail-safe' ? 'fail-secure' : 'fail-safe';
  const choose = async (set: ReturnType<typeof proposeHardware>[number]) => {
    // A page that has just come knows no type yet but those of its plan.
    await import('#core/devices/library/index');
    const { plan } = store.getState();
    const edit: Edit = hardwareEdit(plan, door.id, set);
    store.dispatch(edit, say.chooseHardware);
  };
  return (
    <StationFrame door={door}>
      <div className={css['choice']}>
        <h2>{say.chooseHardwareToStartFrom}</h2>
        <p>{say.everythingCanAddedChanged(known, STATE_NAMES[state], STATE_SENTENCES[state])}</p>
        <ul>
          {[...proposeHardware(door.brief, state), ...proposeHardware(door.brief, other)].map(
            (set, index) => (
              <li key={set.id}>
                <button type="button" data-start={index === 0 || undefined} onClick={() => void choose(set)}>
                  <b>{set.name}</b>
                  <span>{set.description}</span>
                  <em>
                    {STATE_NAMES[set.deadState]}: {STATE_SENTENCES[set.deadState]}
                    {known && set.deadState !== state && say.notWhatIsRecommendedHere}
                  </em>
                </button>
              </li>
            ),
          )}
        </ul>
        <p className={css['found']}>
          {say.alreadyWired}{' '}
          <Button size="s" onClick={onFound}>
            {say.enterItAsFound}
          </Button>
        </p>
      </div>
    </StationFrame>
  );
}
