/** Numbers from 0 to below 1, the same every time: Lehmer's generator. */
export function random(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}
