import { useState, type Dispatch, type SetStateAction } from 'react';

/** What came with the page, until it is changed here; what comes with the page anew takes its place. */
export function useGiven<T>(given: T): [T, Dispatch<SetStateAction<T>>] {
  const [seen, see] = useState(given);
  const [now, put] = useState(given);
  if (seen !== given) {
    see(given);
    put(given);
    return [given, put];
  }
  return [now, put];
}
