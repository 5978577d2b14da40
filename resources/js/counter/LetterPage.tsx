import { useGiven } from '@/lib/useGiven';
import { Head, Link } from '@inertiajs/react';
import { useState, type SyntheticEvent } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { LetterView } from '@/types/counter';
import { Button } from '@/ui/Button';
import { PersonThread } from '@/counter/PersonThread';
import { Pieces } from '@/counter/letters/Pieces';

/** A letter with all that was said, and the answer to it. */
export default function LetterPage({ letter: given }: { letter: LetterView }) {
  const handle = useHandle();
  const [letter, setLetter] = useGiven(given);
  const [words, setWords] = useState('');
  const { busy, trouble, during } = useSend('here');
  const at = route('counter.letter.answer', [handle, letter.id]);
  const answer = (e: SyntheticEvent) => {
    e.preventDefault();
    void during(
      send<LetterView>('POST', at, { words }).then((now) => {
        setLetter(now);
        setWords('');
      }),
    );
  };
  return (
    <div className="mx-auto max-w-[760px] px-6 pt-5 pb-16">
      <Head title={letter.name} />
      <Link href={route('counter.letters', handle)} className="text-mute underline decoration-line underline-offset-4">
        Letters
      </Link>
      <h1 className="name mt-1 text-[26px]">{letter.name}</h1>
      <p className="mb-5 text-mute">
        {letter.person === null ? (
          letter.email
        ) : (
          <Link href={route('counter.person', [handle, letter.person])} className="underline underline-offset-4">
            {letter.email}
          </Link>
        )}
        {letter.order !== null && (
          <>
            , about{' '}
            <Link href={route('counter.order', [handle, letter.order])} className="underline underline-offset-4">
              order {letter.orderNumber}
            </Link>
          </>
        )}
        {letter.waits !== '' && <>, waits {letter.waits}</>}
        <Button
          kind="quiet"
          small
          className="ml-4"
          onClick={() => void during(send<LetterView>('PUT', at, { open: !letter.open }).then(setLetter))}
        >
          {letter.open ? 'It needs no answer' : 'It waits for an answer'}
        </Button>
      </p>
      <PersonThread lines={letter.thread} name={letter.name} />
      <form onSubmit={answer} className="mt-6">
        <label htmlFor="answer" className="block text-[12.5px] text-mute">
          Your answer goes to {letter.email}
        </label>
        <textarea
          id="answer"
          rows={5}
          maxLength={8000}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          className="w-full border-b-[1.5px] border-rule bg-transparent py-1 focus:border-you"
        />
        <Pieces
          pieces={letter.pieces}
          words={words}
          onPut={(text) => setWords(words === '' ? text : `${words}\n\n${text}`)}
        />
        {trouble !== '' && <p className="mt-1 font-medium text-you">{trouble}</p>}
        <Button kind="do" type="submit" className="mt-3" disabled={busy || words.trim() === ''}>
          Send the answer
        </Button>
      </form>
    </div>
  );
}
