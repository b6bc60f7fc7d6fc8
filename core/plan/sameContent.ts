/** True where two pieces of plain data say the same, in whatever order their fields stand: a row that was read anew is one. */
export function sameContent(one: unknown, two: unknown): boolean {
  if (Object.is(one, two)) return true;
  if (typeof one !== 'object' || typeof two !== 'object' || one === null || two === null) return false;
  if (Array.isArray(one) !== Array.isArray(two)) return false;
  const [a, b] = [one, two] as [Readonly<Record<string, unknown>>, Readonly<Record<string, unknown>>];
  const keys = Object.keys(a);
  return (
    keys.length === Object.keys(b).length &&
    keys.every((key) => Object.hasOwn(b, key) && sameContent(a[key], b[key]))
  );
}
