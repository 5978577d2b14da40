import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { send, words } from '@/lib/http';
import { subjects } from '@/lib/subject';

interface Question {
  url: string;
  /** What is told besides; with it, the question is posted. */
  body?: unknown;
  /** Counts up where the same is asked anew. */
  turn?: number;
}

interface Answered<T> {
  answer: T | null;
  /** Why it can't be said, for whoever asked. */
  trouble: string;
}

/**
 * What the server says to something that is typed or put together here: asked once it rests, given up where something else
 * is asked before it was answered. The last answer stands until the next.
 *
 * @param question null where there is nothing to ask
 * @param rest milliseconds without a change until it is asked
 */
export function useAsked<T>(question: Question | null, rest: number): Answered<T> {
  const text = question === null ? null : JSON.stringify(question);
  const settled = useRested(text, rest);
  const { data, error } = useQuery<T>(
    {
      queryKey: ['asked', settled],
      queryFn: ({ signal }) => {
        const { url, body } = JSON.parse(settled ?? '') as Question;
        return body === undefined ? send<T>('GET', url, undefined, signal) : send<T>('POST', url, body, signal);
      },
      enabled: settled !== null,
      placeholderData: keepPreviousData,
    },
    subjects,
  );
  const last = useRef<T | null>(null);
  if (data !== undefined) last.current = data;
  if (text === null) last.current = null;
  return { answer: last.current, trouble: text !== null && error !== null ? words(error) : '' };
}

/** A text once it stood so long; nothing counts at once. */
function useRested(text: string | null, rest: number): string | null {
  const [rested, setRested] = useState<string | null>(null);
  useEffect(() => {
    if (text === null) {
      setRested(null);
      return;
    }
    const timer = setTimeout(() => {
      setRested(text);
    }, rest);
    return () => {
      clearTimeout(timer);
    };
  }, [text, rest]);
  return text === null ? null : rested;
}
