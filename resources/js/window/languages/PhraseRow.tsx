import { clsx } from 'clsx';
import { useId } from 'react';
import { useTyped } from '@/lib/useTyped';
import type { PhraseView } from '@/types/window';

interface Props {
  phrase: PhraseView;
  language: string;
  name: string;
  onSay: (said: string) => Promise<boolean>;
}

/** Letters of a line, about; what is longer gets more lines. */
const LINE = 62;

/** Some of the seller's words, where shoppers meet them, and what they are in the other language. */
export function PhraseRow({ phrase, language, name, onSay }: Props) {
  const id = useId();
  const typed = useTyped(phrase.said, onSay, { trimmed: true });
  const lines = Math.min(14, Math.max(1, Math.ceil(Math.max(phrase.phrase.length, typed.value.length) / LINE)));
  return (
    <li
      className="grid gap-x-8 gap-y-1 border-t border-line py-3 xl:grid-cols-2"
      data-phrase={phrase.said === '' ? 'missing' : 'said'}
    >
      <div>
        <p id={id} className="leading-relaxed break-words whitespace-pre-line">
          {phrase.phrase}
        </p>
        <p className="text-[13px] text-mute">
          {phrase.address === '' ? (
            phrase.place
          ) : (
            <a
              href={phrase.address}
              target="_blank"
              rel="noreferrer"
              className="underline decoration-line underline-offset-4"
            >
              {phrase.place}
            </a>
          )}
          {phrase.times > 1 && `, and in ${String(phrase.times - 1)} more ${phrase.times === 2 ? 'place' : 'places'}`}
        </p>
      </div>
      <div>
        <textarea
          lang={language}
          rows={lines}
          aria-labelledby={id}
          placeholder={`Not said in ${name} yet`}
          className={clsx(
            'block w-full resize-y border-b-[1.5px] bg-transparent py-0.5 leading-relaxed focus:border-you',
            phrase.said === '' ? 'border-ochre placeholder:text-ochre' : 'border-rule/40 text-see',
          )}
          {...typed.field}
        />
        {phrase.drafted && (
          <p className="text-[13px] text-ochre">
            A draft: shoppers don’t read it yet. Change it, or{' '}
            <button type="button" className="underline underline-offset-4" onClick={() => void onSay(typed.value)}>
              it is right
            </button>
            .
          </p>
        )}
      </div>
    </li>
  );
}
