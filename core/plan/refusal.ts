/** Why an edit could not be applied. The plan is untouched. */
export type EditRefusal = (
  | { readonly reason: 'missing'; readonly what: string; readonly id: string }
  | { readonly reason: 'exists'; readonly what: string; readonly id: string }
  | { readonly reason: 'unknown-type'; readonly id: string }
  | { readonly reason: 'unknown-terminal'; readonly id: string }
  | { readonly reason: 'same-terminal'; readonly id: string }
  | { readonly reason: 'tag-taken'; readonly id: string }
  | { readonly reason: 'number-taken'; readonly id: string }
  | { readonly reason: 'in-use'; readonly id: string }
  | { readonly reason: 'bad-type'; readonly id: string }
  | { readonly reason: 'bad-setting'; readonly id: string }
  /** The id under which a thing is put is not its own. */
  | { readonly reason: 'id-differs'; readonly id: string }
  /** A site has as many of these as it may have. */
  | { readonly reason: 'too-many'; readonly what: string; readonly id: string; readonly most: number }
  /** Not of the shape that the schema asks for: the spot and what it lacks. */
  | { readonly reason: 'invalid'; readonly id: string; readonly message: string }
) & {
  /** Spot in the thing that the edit carries: `from`, `settings.voltage`. */
  readonly at?: string;
};
