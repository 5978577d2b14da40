import { router } from '@inertiajs/react';
import { useId, useRef, useState } from 'react';
import { useAsked } from '@/lib/useAsked';
import { useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/TextField';

interface Letter {
  subject: string;
  html: string;
  of: number;
}

export interface Mails {
  kinds: { value: string; words: string; own: boolean }[];
  kind: string;
  languages: { value: string; label: string }[];
  language: string;
  subject: string;
  words: string;
  usual: { subject: string; words: string };
  facts: Record<string, string>;
  letter: Letter | null;
}

/** Both sides of one letter; what it says by now is tried while it is typed. */
export function Editor({ kind, language, subject: first, words: firstWords, usual, facts, letter: given }: Mails) {
  const handle = useHandle();
  const id = useId();
  const field = useRef<HTMLTextAreaElement>(null);
  const [subject, setSubject] = useState(first);
  const [words, setWords] = useState(firstWords);
  const changed = subject !== first || words !== firstWords;
  const { answer, trouble } = useAsked<{ letter: Letter | null; strange: string[] }>(
    changed ? { url: route('counter.mails.try', handle), body: { kind, language, subject, words } } : null,
    350,
  );
  const letter = answer === null ? given : answer.letter;
  const strange = answer?.strange ?? [];
  const put = (fact: string) => {
    const at = field.current?.selectionStart ?? words.length;
    setWords(`${words.slice(0, at)}{${fact}}${words.slice(at)}`);
    field.current?.focus();
  };
  return (
    <div className="mt-5 grid gap-x-10 gap-y-6 md:grid-cols-[1fr_1.1fr]">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          router.put(route('counter.mails.say', handle), { kind, language, subject, words }, { preserveScroll: true });
        }}
      >
        <TextField
          label="Subject"
          value={subject}
          maxLength={200}
          placeholder={usual.subject}
          onChange={(e) => {
            setSubject(e.target.value);
          }}
        />
        <label htmlFor={id} className="mt-4 block text-[12.5px] text-mute">
          What it says
        </label>
        <textarea
          id={id}
          ref={field}
          rows={8}
          maxLength={4000}
          value={words}
          placeholder={usual.words}
          className="w-full border-[1.5px] border-rule bg-transparent px-2.5 py-2 text-[15px] focus:border-you"
          onChange={(e) => {
            setWords(e.target.value);
          }}
        />
        {strange.length > 0 && (
          <p className="text-[13px] font-medium text-you">
            {strange.join(', ')} {strange.length === 1 ? 'is no fact' : 'are no facts'}: choose one below.
          </p>
        )}
        {trouble !== '' && <p className="text-[13px] font-medium text-you">{trouble}</p>}
        <p className="mt-2 text-[13px] text-mute">
          Facts are filled in; a sentence with one that isn’t known is left out. Empty, it says the usual words.
        </p>
        <p className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-[14px]">
          {Object.entries(facts).map(([name, means]) => (
            <button
              key={name}
              type="button"
              className="cursor-pointer underline decoration-line underline-offset-4 hover:text-you"
              onClick={() => {
                put(name);
              }}
            >
              {means}
            </button>
          ))}
        </p>
        <div className="mt-4 flex flex-wrap items-center gap-4">
          <Button kind="do" type="submit" disabled={!changed || strange.length > 0}>
            Say so
          </Button>
          {(first !== '' || firstWords !== '') && (
            <Button
              kind="quiet"
              small
              onClick={() => {
                router.put(
                  route('counter.mails.say', handle),
                  { kind, language, subject: '', words: '' },
                  { preserveScroll: true },
                );
              }}
            >
              The usual words again
            </Button>
          )}
        </div>
      </form>
      <section aria-label="The letter">
        {letter === null ? (
          <p className="border-t border-line py-3 text-mute">
            It is shown here once there is an order it could have gone to.
          </p>
        ) : (
          <>
            <p className="text-[12.5px] text-mute">As it would have gone out for order {letter.of}</p>
            <p className="name text-[17px]" data-subject>
              {letter.subject}
            </p>
            <iframe
              title="The letter as it arrives"
              sandbox=""
              srcDoc={letter.html}
              className="mt-2 h-[540px] w-full border border-line bg-sheet"
            />
          </>
        )}
      </section>
    </div>
  );
}
