import { useRef, useState, type ChangeEvent, type KeyboardEvent } from 'react';

interface Options {
  /** What becomes of words that were refused: they stay to be put right, or what stands comes back. */
  refused?: 'stay' | 'let go';
  /** Spaces around it don't count, and aren't sent. */
  trimmed?: boolean;
}

/**
 * A field that saves itself when it is left. What is typed stands in it until it has been taken and answered: an answer
 * to something else, or to what was said here before, never comes back over it.
 *
 * @param said what stands, as it was last answered
 * @param onSay sends it; gives whether it was taken
 */
export function useTyped(said: string, onSay: (typed: string) => Promise<boolean> | undefined, options: Options = {}) {
  const { refused = 'stay', trimmed = false } = options;
  const [draft, setDraft] = useState<string | null>(null);
  // As of now, not as of the last drawing: fields are left within the same moment in which they were typed into.
  const now = useRef<string | null>(null);
  const sent = useRef<string | null>(null);
  const put = (text: string | null) => {
    now.current = text;
    setDraft(text);
  };
  const tidy = (text: string) => (trimmed ? text.trim() : text);

  const leave = (): void => {
    if (now.current === null) return;
    const typed = tidy(now.current);
    if (typed === sent.current) return;
    if (sent.current === null && typed === said) {
      put(null);
      return;
    }
    sent.current = typed;
    void Promise.resolve(onSay(typed)).then((ok) => {
      // Something else was said here meanwhile, and its answer is to come.
      if (sent.current !== typed) return;
      sent.current = null;
      const typedOn = now.current !== null && tidy(now.current) !== typed;
      if (!typedOn && (ok !== false || refused === 'let go')) put(null);
    });
  };
  const giveUp = (): void => put(sent.current);

  return {
    value: draft ?? said,
    type: (text: string): void => put(text),
    leave,
    giveUp,
    /** For an input or a text area: leaving or Enter says it, Escape takes back what wasn't said. */
    field: {
      value: draft ?? said,
      onChange: (e: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>): void => put(e.target.value),
      onBlur: leave,
      onKeyDown: (e: KeyboardEvent<HTMLInputElement | HTMLTextAreaElement>): void => {
        if (e.key === 'Enter' && e.currentTarget.tagName === 'INPUT') e.currentTarget.blur();
        if (e.key === 'Escape') giveUp();
      },
    },
  };
}
