/**
 * A screen with menus. A list stands on it with one line marked: two keys move the mark, one chooses what is marked, one goes back. Where
 * something is filled in, the last gives it up.
 */
export interface Screen {
  readonly up: string;
  readonly down: string;
  readonly ok: string;
  readonly back: string;
  /** Lines that it shows below its title. */
  readonly rows: number;
}
