import { useState } from 'react';
import { Wand2 } from 'lucide-react';
import { autowire } from '#core/autowire/index';
import { hardwareEdit, proposeHardware, recommendDeadState } from '#core/brief/index';
import type { Live } from '#core/drawing/index';
import { conductorsOf, devicesOf, type Door, type Edit } from '#core/plan/index';
import { metres } from '#core/units/index';
import { STATE_NAMES, STATE_SENTENCES } from '#words/brief';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { Empty } from '../../ui/Empty';
import { TextField } from '../../ui/Field';
import { TabList, TabPanel, TabRoot } from '../../ui/Tabs';
import type { Bench } from '../bench/useBench';
import { StationFrame } from '../frame/StationFrame';
import { useDispatch, usePlan, useStore } from '../store/context';
import { HardwarePanel } from './HardwarePanel';
import { LoopView } from './LoopView';
import { WireBar } from './WireBar';
import { WireEntry } from './WireEntry';
import { WireTable } from './WireTable';
import type { Wiring } from './useWiring';
import css from './WireStation.module.css';

type View = 'loops' | 'list' | 'hardware';
const VIEWS = [
  { id: 'loops', label: 'Loops' },
  { id: 'list', label: 'Wire list' },
  { id: 'hardware', label: 'Hardware' },
] as const;

interface Props {
  readonly door: Door;
  readonly live: Live;
  readonly bench: Bench;
  readonly wiring: Wiring;
  readonly focusCount: number;
}

export function WireStation({ door, live, bench, wiring, focusCount }: Props) {
  const plan = usePlan();
  const [view, setView] = useState<View>('loops');
  const [asking, setAsking] = useState(false);
  const devices = devicesOf(plan, door.id);
  const wires = conductorsOf(plan, door.id);
  const chosen = wiring.chosenWire === null ? undefined : plan.conductors[wiring.chosenWire];
  if (devices.length === 0) return <HardwareChoice door={door} />;
  return (
    <TabRoot<View> value={view} onChange={setView} className={css['root']}>
      <StationFrame
        door={door}
        tools={
          <>
            <Button size="s" icon={<Wand2 aria-hidden />} onClick={() => setAsking(true)}>
              Wire it
            </Button>
            <TabList tabs={VIEWS} label="Views" />
          </>
        }
        foot={
          <div className={css['foot']}>
            {chosen && (
              <WireBar
                key={chosen.id}
                wire={chosen}
                isCut={bench.state.cut.has(chosen.id)}
                onRemove={() => wiring.remove(chosen.id)}
                onCut={() =>
                  bench.act({ kind: bench.state.cut.has(chosen.id) ? 'mend' : 'cut', conductor: chosen.id })
                }
                onClose={() => wiring.chooseWire(null)}
              />
            )}
            <WireEntry door={door.id} wiring={wiring} focusCount={focusCount} />
          </div>
        }
      >
        <TabPanel id="loops">
          {wires.length === 0 ? (
            <Empty
              title="No wires yet"
              action={
                <Button look="main" size="l" icon={<Wand2 aria-hidden />} onClick={() => setAsking(true)}>
                  Wire it
                </Button>
              }
            >
              Aldaba lays every loop this hardware needs, in wiring order. What you lay by hand stays as it
              is.
            </Empty>
          ) : (
            <LoopView door={door.id} live={live} wiring={wiring} />
          )}
        </TabPanel>
        <TabPanel id="list">
          <WireTable door={door.id} live={live} wiring={wiring} />
        </TabPanel>
        <TabPanel id="hardware">
          <HardwarePanel door={door.id} wiring={wiring} />
        </TabPanel>
      </StationFrame>
      <AutowireDialog open={asking} onOpenChange={setAsking} door={door} />
    </TabRoot>
  );
}

/** Says what wiring would change before it changes it. */
function AutowireDialog({
  open,
  onOpenChange,
  door,
}: {
  open: boolean;
  onOpenChange(open: boolean): void;
  door: Door;
}) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [run, setRun] = useState('12');
  const distance = Number(run.replace(',', '.'));
  const valid = Number.isFinite(distance) && distance > 0 && distance <= 500;
  const wiring = open && valid ? autowire(plan, door.id, metres(distance)) : null;
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Wire this door"
      description="Lock power with the positive leg switched, exit, device power, door contact, reader data and suppression, as far as the hardware asks for them."
    >
      <form
        className={css['ask']}
        onSubmit={(event) => {
          event.preventDefault();
          if (wiring && dispatch(wiring.edit, 'wire the door')) onOpenChange(false);
        }}
      >
        <TextField
          label="Cable run from the enclosure to the door"
          unit="m"
          inputMode="decimal"
          value={run}
          onChange={(event) => setRun(event.target.value)}
          error={valid ? null : 'A length between 0 and 500 m.'}
        />
        {wiring && (
          <p>
            {wiring.removed.length > 0 && `Takes out ${wiring.removed.length} wires that Aldaba laid. `}
            Lays {wiring.added.length} wires.
            {wiring.kept.length > 0 && ` Keeps ${wiring.kept.length} laid by hand.`}
          </p>
        )}
        <Button type="submit" look="main" disabled={!wiring}>
          Lay the wires
        </Button>
      </form>
    </Dialog>
  );
}

/** The empty door: sets of hardware that suit its brief. */
function HardwareChoice({ door }: { door: Door }) {
  const store = useStore();
  const advice = recommendDeadState(door.brief);
  const known = door.deadState !== null || advice.ok;
  const state = door.deadState?.state ?? (advice.ok ? advice.recommended : 'fail-safe');
  const other = state === 'fail-safe' ? 'fail-secure' : 'fail-safe';
  const choose = (set: ReturnType<typeof proposeHardware>[number]) => {
    const { plan } = store.getState();
    const edit: Edit = hardwareEdit(plan, door.id, set);
    store.dispatch(edit, 'choose hardware');
  };
  return (
    <StationFrame door={door}>
      <div className={css['choice']}>
        <h2>Choose hardware to start from</h2>
        <p>
          {known
            ? `${STATE_NAMES[state]}: ${STATE_SENTENCES[state]}.`
            : 'The brief is not answered yet: what suits this door is not known.'}{' '}
          Everything can be added to, changed and taken out afterwards.
        </p>
        <ul>
          {[...proposeHardware(door.brief, state), ...proposeHardware(door.brief, other)].map((set) => (
            <li key={set.id}>
              <button type="button" onClick={() => choose(set)}>
                <b>{set.name}</b>
                <span>{set.description}</span>
                <em>
                  {STATE_NAMES[set.deadState]}: {STATE_SENTENCES[set.deadState]}
                  {known && set.deadState !== state && ' · not what is recommended here'}
                </em>
              </button>
            </li>
          ))}
        </ul>
      </div>
    </StationFrame>
  );
}
