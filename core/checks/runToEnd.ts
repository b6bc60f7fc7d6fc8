/** Runs something that stops in between to its end. */
export function runToEnd<T>(steps: Generator<undefined, T>): T {
  for (;;) {
    const step = steps.next();
    if (step.done === true) return step.value;
  }
}
