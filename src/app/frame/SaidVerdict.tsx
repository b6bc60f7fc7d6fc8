import { useEffect, useState } from 'react';
import type { DoorVerdict } from '#core/verdict/index';
import { say } from '#words/app/frame/SaidVerdict';

/** A verdict that is still changing is not read out. */
const SAID_AFTER_MS = 900;

/** What is said aloud of a verdict once it changes: summed up, and not with every key. */
export function SaidVerdict({ verdict }: { verdict: DoorVerdict | null }) {
  const open = verdict?.summary.toSettle ?? 0;
  const stops = verdict?.findings.filter(({ severity }) => severity === 'stop').length ?? 0;
  const words = !verdict?.summary.begun
    ? ''
    : open === 0
      ? say.nothingToSettleOn(verdict.door)
      : stops > 0
        ? say.leftOnToSettle(stops, verdict.door, open)
        : say.leftToSettleOn(open, verdict.door);
  const [said, setSaid] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => setSaid(words), SAID_AFTER_MS);
    return () => clearTimeout(timer);
  }, [words]);
  return (
    <p className="hush" role="status">
      {said}
    </p>
  );
}
