/** Milliseconds of computing after which others are served. */
const TURN_MS = 20;

/** Runs a computation in steps on this thread, and serves others in between. */
export async function inTurns<T>(steps: Generator<unknown, T>): Promise<T> {
  for (let began = performance.now(); ;) {
    const { done, value } = steps.next();
    if (done) return value;
    if (performance.now() - began < TURN_MS) continue;
    await new Promise(setImmediate);
    began = performance.now();
  }
}
