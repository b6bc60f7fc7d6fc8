import { useEffect, useRef } from 'react';
import type { Plan } from '#core/plan/index';
import { egressAlarms, relayKeys, type LaneSample } from '#core/simulate/index';
import { formatSeconds } from '#core/units/index';
import { clockWords, DOOR_LANE_WORDS, LANE_WORDS } from '#words/bench';
import { say } from '#words/app/bench/Lanes';

import { cx } from '../../ui/cx';
import { HORIZON_MS, type Bench } from '../../parts/bench/useBench';
import colours from '../../ui/laneColours.module.css';
import css from './Lanes.module.css';

/** Seconds the lanes show: as much behind the cursor as ahead of it. */
const BEHIND_MS = 10_000;
const SPAN_MS = BEHIND_MS + HORIZON_MS;

interface Segment {
  readonly from: number;
  readonly to: number;
  readonly look: string;
  readonly text: string;
}

/** Runs of the same value over samples, the last one open to the end of the lane. */
function segments(
  samples: readonly LaneSample[],
  end: number,
  look: (one: LaneSample) => string,
  text: (one: LaneSample) => string,
): Segment[] {
  const out: Segment[] = [];
  for (const [index, sample] of samples.entries()) {
    const to = samples[index + 1]?.at ?? end;
    const last = out.at(-1);
    if (last && last.look === look(sample)) out[out.length - 1] = { ...last, to };
    else out.push({ from: index === 0 ? -SPAN_MS : sample.at, to, look: look(sample), text: text(sample) });
  }
  return out.filter((segment) => segment.to > segment.from);
}

const SHOWN = {
  relay: { name: say.relay, on: say.pulledIn, off: say.atRest },
  alarm: { name: say.alarm, on: say.sounds, off: say.quiet },
};

const percent = (ms: number) => `${((ms / SPAN_MS) * 100).toFixed(3)}%`;

/** Time lanes of lock, door and relay. The cursor stands still; time runs under it, and what is known to come shows ahead. */
export function Lanes({ bench, plan }: { bench: Bench; plan: Plan }) {
  const track = useRef<HTMLDivElement>(null);
  const { world, past, ahead, running, clock } = bench;
  const samples = [...past, ...ahead];
  const end = bench.state.now + SPAN_MS;
  const alarms = egressAlarms(world);
  const relays = [...relayKeys(world).slice(0, 1), ...alarms.slice(0, 1)];
  const rows = [
    {
      name: say.lock,
      list: segments(
        samples,
        end,
        (s) => s.lock,
        (s) => LANE_WORDS[s.lock],
      ),
    },
    {
      name: say.door,
      list: segments(
        samples,
        end,
        (s) => s.door,
        (s) => DOOR_LANE_WORDS[s.door],
      ),
    },
    ...relays.map((key) => {
      const tag = plan.devices[key.slice(0, key.lastIndexOf(':'))]?.tag ?? 'relay';
      const { name, on, off } = alarms.includes(key) ? SHOWN.alarm : SHOWN.relay;
      const isOn = (s: LaneSample) => s.relays.includes(key);
      return {
        name: `${name} ${tag}`,
        list: segments(
          samples,
          end,
          (s) => (isOn(s) ? 'busy' : 'rest'),
          (s) => (isOn(s) ? on : off),
        ),
      };
    }),
  ];

  useEffect(() => {
    const place = () => {
      if (track.current) track.current.style.setProperty('--now', String((clock() - BEHIND_MS) / SPAN_MS));
    };
    place();
    if (!running) return;
    let frame = requestAnimationFrame(function go() {
      place();
      frame = requestAnimationFrame(go);
    });
    return () => cancelAnimationFrame(frame);
  }, [running, clock, bench.state]);

  return (
    <div className={css['lanes']}>
      <div className={css['names']} aria-hidden>
        {rows.map((row) => (
          <span key={row.name}>{row.name}</span>
        ))}
      </div>
      <div
        className={css['window']}
        role="img"
        aria-label={rows
          .map(
            (row) =>
              `${row.name}: ${row.list
                .map((s) => (s.from <= 0 ? s.text : say.from(s.text, clockWords(s.from))))
                .join(', then ')}`,
          )
          .join('. ')}
      >
        <div className={css['track']} ref={track}>
          {rows.map((row) => (
            <div key={row.name} className={css['lane']}>
              {row.list.map((segment) => {
                const length = segment.to - segment.from;
                const brief = segment.from >= 0 && segment.to < end;
                return (
                  <i
                    key={segment.from}
                    className={cx(css['segment'], colours[segment.look])}
                    style={
                      {
                        left: percent(segment.from),
                        width: percent(length),
                        '--from': segment.from / SPAN_MS,
                      } as React.CSSProperties
                    }
                  >
                    <span>
                      {brief && segment.look === 'free'
                        ? `${segment.text} ${formatSeconds(length)}`
                        : segment.text}
                    </span>
                  </i>
                );
              })}
            </div>
          ))}
        </div>
        <div className={css['ahead']} />
        <div className={css['cursor']} />
      </div>
    </div>
  );
}
