import { useEffect, useState } from 'react';
import type { DoorVerdict } from '#core/verdict/index';

/** A verdict that is still changing is not read out. */
const SAID_AFTER_MS = 900;

/** What is said aloud of a verdict once it changes: summed up, and not with every key. */
export function SaidVerdict({ verdict }: { verdict: DoorVerdict | null }) {
  const open = verdict?.summary.toSettle ?? 0;
  const stops = verdict?.findings.filter(({ severity }) => severity === 'stop').length ?? 0;
  const words = !verdict?.summary.begun
    ? ''
    : open === 0
      ? `Nothing to settle on ${verdict.door}`
      : stops > 0
        ? `${stops === 1 ? '1 stop' : `${stops} stops`} left on ${verdict.door}, ${open} to settle`
        : `${open} left to settle on ${verdict.door}`;
  const [said, say] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => say(words), SAID_AFTER_MS);
    return () => clearTimeout(timer);
  }, [words]);
  return (
    <p className="hush" role="status">
      {said}
    </p>
  );
}
