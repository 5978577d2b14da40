import { Head, Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useHandle } from '@/lib/useStall';
import type { LetterRowView } from '@/types/counter';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';

interface Props {
  letters: LetterRowView[];
  next: string | null;
  previous: string | null;
}

/** What shoppers wrote on the shop's page. */
export default function LettersPage({ letters, next, previous }: Props) {
  const handle = useHandle();
  return (
    <div className="pb-10">
      <Head title="Letters" />
      <div className="flex items-baseline gap-5 px-6 pt-5 pb-3">
        <Link href={route('counter', handle)} className="text-mute underline decoration-line underline-offset-4">
          Orders
        </Link>
        <h1 className="name text-[26px]">Letters</h1>
      </div>
      {letters.length === 0 ? (
        <Empty
          title="Nobody has written yet"
          step={
            <Link href={route('window.pages', handle)} className="underline underline-offset-4">
              To your pages
            </Link>
          }
        >
          What shoppers write on your contact page stands here, and comes to you by mail.
        </Empty>
      ) : (
        <ul className="border-t border-line">
          {letters.map((letter) => (
            <li
              key={letter.id}
              className={clsx(
                'grid items-baseline gap-x-5 border-b border-line bg-sheet px-6 py-2.5',
                'md:grid-cols-[12rem_minmax(0,1fr)_auto]',
              )}
              data-letter={letter.id}
            >
              <Link
                href={route('counter.letter', [handle, letter.id])}
                className={clsx('truncate hover:underline', letter.open ? 'font-semibold' : 'font-medium')}
                data-title
              >
                {letter.name}
              </Link>
              <span className="truncate text-mute">{letter.words}</span>
              <span className={letter.open ? 'text-ochre' : 'text-mute'}>
                {letter.open ? 'waits for an answer' : 'answered'}, {letter.when}
              </span>
            </li>
          ))}
        </ul>
      )}
      <Pager previous={previous} next={next} />
    </div>
  );
}
