/** A type with everything in it read-only. Branded numbers and texts stay what they are. */
export type Frozen<T> = T extends string | number | boolean | null | undefined
  ? T
  : T extends readonly [unknown, ...unknown[]]
    ? { readonly [Key in keyof T]: Frozen<T[Key]> }
    : T extends readonly (infer Item)[]
      ? readonly Frozen<Item>[]
      : { readonly [Key in keyof T]: Frozen<T[Key]> };
