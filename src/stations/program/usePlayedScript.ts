import { useEffect, useRef, useState } from 'react';
import type { compileScript, Stroke } from '#core/keypads/index';

type Script = ReturnType<typeof compileScript>;

/** Between two strokes when the script is played on the simulated keypad, ms. */
const STROKE_MS = 120;

/** A script that is keyed into the simulated keypad stroke by stroke. One that is being played stays as it was when it began. */
export function usePlayedScript(fresh: Script, strike: (stroke: Stroke) => unknown) {
  const [playing, setPlaying] = useState<{ step: number; stroke: number } | null>(null);
  const held = useRef(fresh);
  if (!playing) held.current = fresh;
  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => {
      const step = held.current.steps[playing.step];
      const stroke = step?.strokes[playing.stroke];
      if (!step || !stroke) return setPlaying(null);
      strike(stroke);
      const next =
        playing.stroke + 1 < step.strokes.length
          ? { step: playing.step, stroke: playing.stroke + 1 }
          : { step: playing.step + 1, stroke: 0 };
      setPlaying(held.current.steps[next.step] ? next : null);
    }, STROKE_MS);
    return () => clearTimeout(timer);
  }, [playing, strike]);
  return { script: held.current, playing, play: () => setPlaying({ step: 0, stroke: 0 }) };
}
