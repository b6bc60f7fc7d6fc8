/** A value that was read as something else than what stands in the file: `1.0` as `1mm2`. */
export interface ReadNote {
  readonly path: string;
  readonly was: string;
  /** Null where it is not used any more. */
  readonly is: string | null;
}

const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null;

/** Every value of `given` that `read` has otherwise. What was added by default is no difference. */
export function differences(given: unknown, read: unknown, path: string): ReadNote[] {
  if (!isObject(given) || !isObject(read)) {
    return Object.is(given, read) || (given === 0 && read === 0)
      ? []
      : [{ path, was: text(given), is: read === undefined ? null : text(read) }];
  }
  return Object.entries(given).flatMap(([key, value]) =>
    differences(value, read[key], Array.isArray(given) ? `${path}[${key}]` : `${path}.${key}`),
  );
}

const text = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value));
