let last: Promise<unknown> | null = null;

/**
 * One thing after the other, in the order they were asked for, and at once where nothing is under way: an answer never
 * comes after that of a later one, so the last answer is always how things stand.
 */
export function inTurn<T>(call: () => Promise<T>): Promise<T> {
  const turn = last === null ? call() : last.then(call);
  const done = turn
    .catch(() => undefined)
    .then(() => {
      if (last === done) last = null;
    });
  last = done;
  return turn;
}
