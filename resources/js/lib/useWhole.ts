import { useRef } from 'react';

/**
 * Something that is saved whole though it is changed part by part, such as a recipe. Each part is laid on what was said
 * last, answered or not: of two parts said within a moment, the second doesn't undo the first.
 *
 * @param given as it was last answered
 * @param save sends the whole; gives whether it was taken
 */
export function useWhole<T>(given: T, save: (whole: T) => Promise<boolean>) {
  const latest = useRef(given);
  const underWay = useRef(0);
  if (underWay.current === 0) latest.current = given;

  return (change: (whole: T) => T): Promise<boolean> => {
    const before = latest.current;
    const next = change(before);
    latest.current = next;
    underWay.current += 1;
    return save(next)
      .then((ok) => {
        // Refused, and nothing else was laid on it: the next part goes on from what stood.
        if (!ok && latest.current === next) latest.current = before;
        return ok;
      })
      .finally(() => {
        underWay.current -= 1;
      });
  };
}
