import { useEffect, useState } from 'react';
import type { Moment } from '#core/access/index';

const two = (n: number): string => String(n).padStart(2, '0');

/** What the clock of this machine shows. */
export function wallNow(now = new Date()): Moment {
  return {
    day: `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`,
    minute: now.getHours() * 60 + now.getMinutes(),
  };
}

/** The same, as it was when the view opened; null on the server and in the first paint, which know no one's clock. */
export function useNow(): Moment | null {
  const [now, setNow] = useState<Moment | null>(null);
  useEffect(() => setNow(wallNow()), []);
  return now;
}
