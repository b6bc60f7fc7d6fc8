/** What may follow a command. */
export interface CommandOptions {
  readonly door?: string;
  readonly situation?: string;
  readonly format?: string;
  readonly json?: boolean;
  readonly secrets?: boolean;
  readonly 'as-it-is'?: boolean;
}

/** A mistake of the caller's: said on standard error, exit 2. */
export class UsageError extends Error {}
