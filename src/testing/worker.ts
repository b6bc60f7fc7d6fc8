/** What a worker's module knows as `self`: it hears by the one and speaks by the other. */
interface Port {
  addEventListener(type: 'message', listener: (event: { data: unknown }) => void): void;
  postMessage(data: unknown): void;
}
type Listener = (event: { data: unknown }) => void;

/** Ports by number: a worker's module that is loaded with `?port=3` finds its own under `self` (see vitest.config). */
const ports = new Map<number, Port>();
(globalThis as { workerPorts?: typeof ports }).workerPorts = ports;
let made = 0;

/** A worker in the thread of the test: the module itself, which hears and answers in turns of its own. */
export class WorkerInPlace {
  private readonly heard: Listener[] = [];
  private readonly answered: Listener[] = [];
  private readonly loaded: Promise<unknown>;
  private isEnded = false;

  constructor(address: URL | string) {
    const [, name] = /(\w+)\.worker\.ts/.exec(String(address)) ?? [];
    made += 1;
    ports.set(made, {
      addEventListener: (_, listener) => this.heard.push(listener),
      postMessage: (data) => this.tell(this.answered, data),
    });
    this.loaded = import(/* @vite-ignore */ `/src/workers/${name}.worker.ts?port=${made}`);
  }
  addEventListener(type: string, listener: Listener): void {
    if (type === 'message') this.answered.push(listener);
  }
  postMessage(data: unknown): void {
    void this.loaded.then(() => this.tell(this.heard, data));
  }
  terminate(): void {
    this.isEnded = true;
  }
  /** What crosses to another thread is a copy. */
  private tell(to: readonly Listener[], data: unknown): void {
    const copy: unknown = structuredClone(data);
    setTimeout(() => {
      if (!this.isEnded) for (const listener of to) listener({ data: copy });
    });
  }
}
