import { useRef } from 'react';
import { WordsEditor } from '@/bench/listing/WordsEditor';
import type { BlankProps } from '@/window/blanks/props';

/** Words with headings, lists and links, written where they stand. */
export function RichBlank({ value, onSay }: BlankProps) {
  const said = useRef(value);
  const round = useRef(0);
  // Said by somebody else, or taken back: the editor begins anew with it.
  if (said.current !== value) {
    said.current = value;
    round.current += 1;
  }
  return (
    <div className="mt-1 max-w-[68ch] leading-normal text-ink">
      <WordsEditor
        key={round.current}
        html={String(value)}
        pictures={[]}
        onSay={(html) => {
          if (html !== said.current) {
            said.current = html;
            onSay(html);
          }
          return Promise.resolve(true);
        }}
      />
    </div>
  );
}
