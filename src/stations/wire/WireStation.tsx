import { lazy, Suspense, useEffect, useState } from 'react';
import ListOrdered from 'lucide-react/icons/list-ordered';
import Wand2 from 'lucide-react/icons/wand-2';
import type { Live } from '#core/drawing/index';
import { conductorsOf, devicesOf, type Door } from '#core/plan/index';
import { say } from '#words/stations/wire/WireStation';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { TabList, TabPanel, TabRoot } from '../../ui/Tabs';
import type { Bench } from '../../parts/bench/useBench';
import { StationFrame } from '../../parts/StationFrame';
import { useProposal } from '../../parts/proposal';
import { useStoredView } from '../../parts/storedView';
import { usePlan } from '../../store/context';
import { HardwareChoice } from './hardwareChoiceView';
import { LoopView } from './LoopView';
import { WireBar, WireEntry } from './wireLineViews';
import type { Wiring } from '../../parts/useWiring';
import css from './WireStation.module.css';

// Everything but the loops is fetched when it is first opened: the door bench stays light.
const DiagramView = lazy(() => import('./DiagramView').then((it) => ({ default: it.DiagramView })));
const TerminalsView = lazy(() => import('./TerminalsView').then((it) => ({ default: it.TerminalsView })));
const CablesView = lazy(() => import('./CablesView').then((it) => ({ default: it.CablesView })));
const WireTable = lazy(() => import('./WireTable').then((it) => ({ default: it.WireTable })));
const HardwarePanel = lazy(() => import('./HardwarePanel').then((it) => ({ default: it.HardwarePanel })));
const SettingsView = lazy(() => import('./SettingsView').then((it) => ({ default: it.SettingsView })));
const TableImport = lazy(() => import('./TableImport').then((it) => ({ default: it.TableImport })));
const ProposalView = lazy(() => import('./ProposalView').then((it) => ({ default: it.ProposalView })));
const AssumedDialog = lazy(() => import('./AssumedDialog').then((it) => ({ default: it.AssumedDialog })));
const AutowireDialog = lazy(() => import('./AutowireDialog').then((it) => ({ default: it.AutowireDialog })));

type View = 'loops' | 'diagram' | 'terminals' | 'cables' | 'list' | 'hardware' | 'settings';
const VIEWS = [
  { id: 'loops', label: say.loops },
  { id: 'diagram', label: say.diagram },
  { id: 'terminals', label: say.terminals },
  { id: 'cables', label: say.cables },
  { id: 'list', label: say.wireList },
  { id: 'hardware', label: say.hardware },
  { id: 'settings', label: say.settings },
] as const;
const WAIT = <p className={css['wait']}>{say.oneMoment}</p>;

interface Props {
  readonly door: Door;
  readonly live: Live;
  readonly bench: Bench;
  readonly wiring: Wiring;
  readonly focusCount: number;
}

export function WireStation({ door, live, bench, wiring, focusCount }: Props) {
  const plan = usePlan();
  const [view, setView] = useStoredView<View>(
    'wire',
    'loops',
    VIEWS.map(({ id }) => id),
  );
  const [asking, setAsking] = useState(false);
  const [importing, setImporting] = useState(false);
  const [entering, setEntering] = useState(false);
  const [spoken, setSpoken] = useState(false);
  const { cause: proposed } = useProposal();
  // A proposal is drawn on the loops.
  useEffect(() => {
    if (proposed) setView('loops');
  }, [proposed]);
  const devices = devicesOf(plan, door.id);
  const wires = conductorsOf(plan, door.id);
  const assumed = wires.filter((wire) => wire.assumed.length > 0).length;
  const chosen = wiring.chosenWire === null ? undefined : plan.conductors[wiring.chosenWire];
  // The dialog outlives the empty door, and stands at one place in both trees: rows that could not be read stay in it while the others are taken in.
  const asFound = importing && (
    <Suspense>
      <TableImport door={door.id} open={importing} onOpenChange={setImporting} />
    </Suspense>
  );
  if (devices.length === 0)
    return (
      <>
        <Suspense>
          <HardwareChoice door={door} onFound={() => setImporting(true)} />
        </Suspense>
        {asFound}
      </>
    );
  return (
    <>
      <TabRoot<View> value={view} onChange={setView} className={css['root']}>
        <StationFrame
          door={door}
          tools={
            <>
              <Button size="s" icon={<Wand2 aria-hidden />} onClick={() => setAsking(true)}>
                {say.wireIt}
              </Button>
              {assumed > 0 && (
                <Button size="s" title={say.whatNobodyHasEntered} onClick={() => setEntering(true)}>
                  {say.assumed(assumed)}
                </Button>
              )}
              {view === 'loops' && wires.length > 0 && (
                <Button
                  size="s"
                  aria-pressed={spoken}
                  title={say.eachLoopWordsStep}
                  icon={<ListOrdered aria-hidden />}
                  aria-label={say.inWords}
                  onClick={() => setSpoken(!spoken)}
                />
              )}
              <TabList tabs={VIEWS} label={say.views} />
            </>
          }
          foot={
            <div className={css['foot']}>
              {chosen && (
                <Suspense>
                  <WireBar
                    key={chosen.id}
                    wire={chosen}
                    isCut={bench.state.cut.has(chosen.id)}
                    onRemove={() => wiring.remove(chosen.id)}
                    onCut={() =>
                      bench.act({
                        kind: bench.state.cut.has(chosen.id) ? 'mend' : 'cut',
                        conductor: chosen.id,
                      })
                    }
                    onClose={() => wiring.chooseWire(null)}
                  />
                </Suspense>
              )}
              <Suspense fallback={<div className={css['entryRoom']} />}>
                <WireEntry door={door.id} wiring={wiring} focusCount={focusCount} />
              </Suspense>
            </div>
          }
        >
          <TabPanel id="loops">
            {wires.length === 0 ? (
              <Empty
                title={say.noWiresYet}
                action={
                  <Button
                    look="main"
                    size="l"
                    data-start
                    icon={<Wand2 aria-hidden />}
                    onClick={() => setAsking(true)}
                  >
                    {say.wireIt}
                  </Button>
                }
              >
                {say.aldabaLaysEveryLoop}
              </Empty>
            ) : (
              <>
                {proposed && (
                  <Suspense fallback={WAIT}>
                    <ProposalView door={door.id} />
                  </Suspense>
                )}
                <LoopView door={door.id} live={live} wiring={wiring} spoken={spoken} />
              </>
            )}
          </TabPanel>
          <TabPanel id="diagram" className={css['whole']}>
            <Suspense fallback={WAIT}>
              <DiagramView door={door.id} live={live} wiring={wiring} />
            </Suspense>
          </TabPanel>
          <TabPanel id="terminals">
            <Suspense fallback={WAIT}>
              <TerminalsView door={door.id} wiring={wiring} />
            </Suspense>
          </TabPanel>
          <TabPanel id="cables">
            <Suspense fallback={WAIT}>
              <CablesView door={door.id} />
            </Suspense>
          </TabPanel>
          <TabPanel id="list">
            <Suspense fallback={WAIT}>
              <WireTable door={door.id} live={live} wiring={wiring} />
            </Suspense>
          </TabPanel>
          <TabPanel id="hardware">
            <Suspense fallback={WAIT}>
              <HardwarePanel door={door.id} wiring={wiring} />
            </Suspense>
          </TabPanel>
          <TabPanel id="settings">
            <Suspense fallback={WAIT}>
              <SettingsView door={door.id} />
            </Suspense>
          </TabPanel>
        </StationFrame>
        {asking && (
          <Suspense>
            <AutowireDialog open={asking} onOpenChange={setAsking} door={door} />
          </Suspense>
        )}
      </TabRoot>
      {asFound}
      {entering && (
        <Suspense>
          <AssumedDialog door={door} open={entering} onOpenChange={setEntering} />
        </Suspense>
      )}
    </>
  );
}
