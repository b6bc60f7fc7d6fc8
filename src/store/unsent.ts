import { keepUnsaved, readKept, unsealed, type Keep, type Unsaved } from './keep';
import type { Sealer } from './seal';
import type { Left } from './tabKeep';

const NOTHING: Unsaved = { pending: [], aside: [] };

/** What this browser keeps of a site that the server does not have yet: of this load of the tab, and of earlier ones until they are taken up. */
export class Unsent {
  #earlier: Unsaved | null;
  /** Seals what is kept of codes; null until the server has given the key. */
  #sealer: Sealer | null = null;
  #sealers: Promise<typeof import('./seal')> | null = null;
  readonly #site: string;
  readonly #keep: Keep | undefined;

  constructor(site: string, keep: Keep | undefined) {
    this.#site = site;
    this.#keep = keep;
    const from = keep ?? (typeof sessionStorage === 'undefined' ? null : sessionStorage);
    this.#earlier = from && readKept(site, from);
  }

  /** What earlier loads left and nobody has taken up yet. */
  get earlier(): Unsaved {
    return this.#earlier ?? NOTHING;
  }

  /** What is not taken up yet is kept beside what has been added meanwhile. False where the browser has no room for it. */
  keep({ pending, aside }: Unsaved): boolean {
    const { earlier } = this;
    const all = { pending: [...earlier.pending, ...pending], aside: [...earlier.aside, ...aside] };
    return keepUnsaved(this.#site, all, this.#keep, this.#sealer);
  }

  /** Fetches what seals, while the key is on its way. */
  fetchSealer(): void {
    this.#sealers ??= import('./seal');
    // Whoever takes the key hears of it.
    this.#sealers.catch(() => undefined);
  }

  /** What is unsaved of codes is kept sealed from now on. Where what seals cannot be fetched they wait in this tab, as before. */
  async takeKey(key: string): Promise<void> {
    try {
      const { sealerOf } = await (this.#sealers ?? import('./seal'));
      this.#sealer = sealerOf(key);
    } catch {
      this.#sealer = null;
    }
  }

  /** What tabs before this one left is this one's from now on. */
  takeUp(left: readonly Left[]): void {
    const all = [this.earlier, ...left.map(({ unsaved }) => unsaved)];
    this.#earlier = {
      pending: all.flatMap(({ pending }) => pending),
      aside: all.flatMap(({ aside }) => aside),
    };
  }

  /** So many of what earlier loads left pending have been taken up. */
  taken(count: number): void {
    this.#earlier = { ...this.earlier, pending: this.earlier.pending.slice(count) };
  }

  /** All that earlier loads left, as far as it can be opened; `lost` where the key that sealed the rest is not this server's. */
  takeAll(): { readonly open: Unsaved; readonly lost: boolean } {
    const { open, shut } = unsealed(this.earlier, this.#sealer);
    const lost = shut !== null && this.#sealer !== null;
    // Sealed by somebody who may see codes, it waits for them.
    this.#earlier = lost ? null : shut;
    return { open, lost };
  }
}
