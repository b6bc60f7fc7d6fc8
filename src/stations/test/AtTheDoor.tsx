import { useState } from 'react';
import ChevronLeft from 'lucide-react/icons/chevron-left';
import ChevronRight from 'lucide-react/icons/chevron-right';
import type { CheckItem } from '#core/commission/index';
import type { Reading } from '#core/plan/index';
import { PHASES, rangeWords, taskWords, valueWords } from '#words/checkTasks';
import { say } from '#words/stations/test/AtTheDoor';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { ReadingEntry } from './ReadingEntry';
import css from './AtTheDoor.module.css';

interface Props {
  readonly items: readonly CheckItem[];
  readonly latest: ReadonlyMap<string, Reading>;
  state(item: CheckItem): 'passed' | 'failed' | 'stale' | 'open';
  onRecord(item: CheckItem, value: number): boolean;
  onReadings(item: CheckItem): void;
}

const WORDS = {
  passed: say.pass,
  failed: say.outOfRange,
  stale: say.thePlanChangedSince,
  open: say.noReadingYet,
};

/** One check at a time, with targets for a thumb: for a phone on a ladder. */
export function AtTheDoor({ items, latest, state, onRecord, onReadings }: Props) {
  const first = items.findIndex((item) => state(item) !== 'passed');
  const [index, setIndex] = useState(Math.max(0, first));
  const item = items[Math.min(index, items.length - 1)];
  if (!item) return null;
  const now = state(item);
  const reading = latest.get(item.id);
  return (
    <div className={css['step']}>
      <p className={css['where']}>{say.of(PHASES[item.phase].name, index + 1, items.length)}</p>
      <div className={css['bar']} aria-hidden>
        {items.map((one) => (
          <i key={one.id} className={cx(css[state(one)], one === item && css['here'])} />
        ))}
      </div>
      <h2>{taskWords(item)}</h2>
      {item.where.length > 0 && <p className={css['probes']}>{item.where.join(' to ')}</p>}
      <p className={css['range']}>{item.unit === 'yes' ? say.isItSo : rangeWords(item)}</p>
      <ReadingEntry
        key={item.id}
        item={item}
        reading={reading}
        label={taskWords(item)}
        large
        onRecord={(value) => onRecord(item, value)}
      />
      <p className={cx(css['result'], css[now])} role="status">
        {WORDS[now]}
        {reading && `: ${valueWords(item.unit, reading.value)}`}
      </p>
      {reading && <Button onClick={() => onReadings(item)}>{say.noteOrWithdrawIt}</Button>}
      <div className={css['moves']}>
        <Button
          size="l"
          icon={<ChevronLeft aria-hidden />}
          disabled={index === 0}
          onClick={() => setIndex(index - 1)}
        >
          {say.back}
        </Button>
        <Button
          size="l"
          look="main"
          disabled={index === items.length - 1}
          onClick={() => setIndex(index + 1)}
        >
          {say.next}
          <ChevronRight aria-hidden />
        </Button>
      </div>
    </div>
  );
}
