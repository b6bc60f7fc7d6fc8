/** A name that nothing else has, of 20 letters. Browsers offer no UUID on plain HTTP, but random bytes. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(15));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_');
}
