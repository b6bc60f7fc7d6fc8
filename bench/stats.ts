/** Milliseconds of each of `count` runs, after a warm-up. */
export function sampleMs(count: number, run: () => unknown, warmUp = Math.ceil(count / 4)): number[] {
  for (let i = 0; i < warmUp; i += 1) run();
  return Array.from({ length: count }, () => {
    const start = performance.now();
    run();
    return performance.now() - start;
  });
}

/** The value below which this share of the samples lies, in percent. */
export function percentile(samples: readonly number[], percent: number): number {
  const sorted = [...samples].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor((percent / 100) * sorted.length))] ?? NaN;
}

export function print(name: string, samples: readonly number[], target: string): void {
  const ms = (value: number) => (value < 1 ? `${(value * 1000).toFixed(1)} µs` : `${value.toFixed(1)} ms`);
  const figures = `median ${ms(percentile(samples, 50))}, p95 ${ms(percentile(samples, 95))}`;
  console.log(`${name}: ${figures}${target ? ` (${target})` : ''}`);
}
