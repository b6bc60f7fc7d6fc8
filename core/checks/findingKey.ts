import type { Finding } from './finding';

export const toPutRight = ({ severity }: Pick<Finding, 'severity'>): boolean =>
  severity === 'stop' || severity === 'fix';

/** What is the same finding before and after a change: what it is and the first thing it is about. */
export const findingKey = ({ code, at }: Pick<Finding, 'code' | 'at'>): string =>
  `${code} ${at[0]?.id ?? ''}`;
