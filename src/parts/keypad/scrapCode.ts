/** A code that nobody gets: random digits, from the browser's own source of chance. */
export function scrapCode(length: number): string {
  const bytes = crypto.getRandomValues(new Uint32Array(length));
  return [...bytes].map((value) => value % 10).join('');
}
