import { format } from 'date-fns/format';
import { useMemo, useRef, useState } from 'react';
import {
  checkSheet,
  isStale,
  judgeReading,
  latestReadings,
  readingsOf,
  type CheckItem,
  type Phase,
} from '#core/commission/index';
import { findIn, type Door, type Reading } from '#core/plan/index';
import { PHASES, rangeWords, taskWords, valueWords } from '#words/checkTasks';
import { say } from '#words/stations/test/TestStation';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { TextField } from '../../ui/Field';
import { useNarrow } from '../../ui/useNarrow';
import { cx } from '../../ui/cx';
import { StationFrame } from '../../parts/StationFrame';
import { pointable, usePointedReading } from '../../parts/pointedAt';
import { newId } from '../../store/newId';
import { storedMeter, storedName, storeName } from '../../parts/settings';
import { useDispatch, usePlan } from '../../store/context';
import { AtTheDoor } from './AtTheDoor';
import { MeterDialog } from './MeterDialog';
import { ReadingEntry } from './ReadingEntry';
import { ReadingsDialog } from './ReadingsDialog';
import css from './TestStation.module.css';

/** The check sheet in working order, with what the engine expects. */
export function TestStation({ door }: { door: Door }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const narrow = useNarrow();
  const { devices, conductors } = plan;
  const items = useMemo(() => checkSheet(plan, door.id), [devices, conductors, door]);
  const latest = latestReadings(plan, door.id);
  const [name, setName] = useState(storedName);
  const [meter, setMeter] = useState(storedMeter);
  const [asking, setAsking] = useState<CheckItem | 'meter' | null>(null);

  // A link to a reading opens all readings of its check, and stands on the one.
  usePointedReading((id) => {
    const check = findIn(plan.readings, id)?.check;
    const item = items.find((one) => one.id === check);
    if (item) setAsking(item);
  }, door.id);
  const [nameless, setNameless] = useState(false);
  const by = useRef<HTMLInputElement>(null);

  const record = (item: CheckItem, value: number): boolean => {
    if (name.trim() === '') {
      setNameless(true);
      by.current?.focus();
      return false;
    }
    const reading: Reading = {
      id: newId(),
      door: door.id,
      check: item.id,
      value,
      passed: judgeReading(item, value),
      low: item.low,
      high: item.high,
      by: name.trim(),
      at: new Date().toISOString(),
      note: '',
      ...meter,
      withdrawn: null,
    };
    return dispatch({ kind: 'addReading', reading }, say.enterAReading);
  };

  if (items.length === 0) {
    return (
      <StationFrame door={door}>
        <Empty title={say.nothingToTestYet}>{say.wireDoorFirstCheck}</Empty>
      </StationFrame>
    );
  }
  const state = (item: CheckItem): 'passed' | 'failed' | 'stale' | 'open' => {
    const reading = latest.get(item.id);
    if (!reading) return 'open';
    if (isStale(item, reading)) return 'stale';
    return judgeReading(item, reading.value ?? NaN) ? 'passed' : 'failed';
  };
  const count = (want: ReturnType<typeof state>) => items.filter((item) => state(item) === want).length;
  const nameField = (
    <TextField
      label={say.testedBy}
      bare
      placeholder={say.yourName}
      value={name}
      ref={by}
      className={css['by']}
      error={nameless ? say.readingKeptWhoTook : null}
      onChange={(event) => {
        setName(event.target.value);
        setNameless(false);
      }}
      onBlur={() => storeName(name.trim())}
    />
  );
  const meterButton = (
    <Button size="s" look="quiet" onClick={() => setAsking('meter')}>
      {meter.meter || meter.serial ? say.meter(meter.meter || meter.serial) : say.meter2}
    </Button>
  );
  const dialogs = (
    <>
      <MeterDialog
        meter={meter}
        open={asking === 'meter'}
        onOpenChange={(open) => setAsking(open ? 'meter' : null)}
        onKeep={setMeter}
      />
      {asking !== null && asking !== 'meter' && (
        <ReadingsDialog door={door.id} item={asking} open onOpenChange={(open) => !open && setAsking(null)} />
      )}
    </>
  );
  if (narrow) {
    return (
      <StationFrame
        door={door}
        tools={
          <>
            {nameField}
            {meterButton}
          </>
        }
      >
        <AtTheDoor items={items} latest={latest} state={state} onRecord={record} onReadings={setAsking} />
        {dialogs}
      </StationFrame>
    );
  }
  return (
    <StationFrame
      door={door}
      tools={
        <>
          <p className={css['tally']}>
            <b>{count('passed')}</b> {say.ofPass(items.length)}
            {count('failed') > 0 && <b className={css['bad']}>{say.outOfRange(count('failed'))}</b>}
          </p>
          {nameField}
          {meterButton}
        </>
      }
    >
      {dialogs}
      {(Object.keys(PHASES) as Phase[]).map((phase) => (
        <section key={phase} className={css['phase']}>
          <h2>
            {PHASES[phase].name} <small>{PHASES[phase].hint}</small>
          </h2>
          <ol>
            {items
              .filter((item) => item.phase === phase)
              .map((item) => {
                const reading = latest.get(item.id);
                const now = state(item);
                return (
                  <li
                    key={item.id}
                    className={cx(css['item'], css[now])}
                    data-check={item.id}
                    {...pointable('check', item.id)}
                  >
                    <span className={css['mark']} aria-hidden>
                      {{ passed: '✓', failed: '✕', stale: '↻', open: '' }[now]}
                    </span>
                    <span className={css['task']}>
                      {taskWords(item)}
                      {item.where.length > 0 && <small>{item.where.join(' to ')}</small>}
                    </span>
                    <span className={css['expected']}>{rangeWords(item)}</span>
                    <ReadingEntry
                      item={item}
                      reading={reading}
                      label={taskWords(item)}
                      onRecord={(value) => record(item, value)}
                    />
                    <span className={css['result']}>
                      {reading ? (
                        <>
                          <b>
                            {now === 'stale'
                              ? say.planChangedSince
                              : now === 'passed'
                                ? say.pass
                                : say.outOfRange2}
                          </b>
                          <button
                            type="button"
                            className={css['more']}
                            aria-label={say.readingsOf(taskWords(item))}
                            onClick={() => setAsking(item)}
                          >
                            {valueWords(item.unit, reading.value)} · {reading.by || say.noName} ·{' '}
                            {format(new Date(reading.at), 'd MMM yyyy')}
                          </button>
                        </>
                      ) : (
                        <NoReading
                          any={readingsOf(plan, door.id, item.id).length > 0}
                          onMore={() => setAsking(item)}
                        />
                      )}
                    </span>
                  </li>
                );
              })}
          </ol>
        </section>
      ))}
    </StationFrame>
  );
}

/** Nothing counts here; what was withdrawn can still be read. */
const NoReading = ({ any, onMore }: { any: boolean; onMore(): void }) =>
  any ? (
    <button type="button" className={css['more']} onClick={onMore}>
      {say.withdrawnNoReadingThatCounts}
    </button>
  ) : (
    <small>{say.noReading}</small>
  );
