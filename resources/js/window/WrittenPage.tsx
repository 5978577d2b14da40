import { Head, Link, router } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { WordsEditor } from '@/bench/listing/WordsEditor';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { WrittenPageView } from '@/types';
import { Button } from '@/ui/Button';
import { CellField } from '@/ui/CellField';
import { SearchShows } from '@/ui/SearchShows';
import { QuestionRows } from '@/window/QuestionRows';

/** A page of the shop, written where it stands; shoppers see it once it is published. */
export default function WrittenPage({ page: given }: { page: WrittenPageView }) {
  const handle = useHandle();
  const [page, setPage] = useState(given);
  const [drafted, setDrafted] = useState(0);
  useEffect(() => setPage(given), [given]);
  const ask = (method: 'POST' | 'PATCH', url: string, body: unknown, done = ''): Promise<boolean> =>
    send<WrittenPageView>(method, url, body)
      .then((now) => {
        setPage(now);
        if (done !== '') toast.success(done);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const at = route('window.page.update', [handle, page.id]);
  const say = (said: Record<string, unknown>) => ask('PATCH', at, { ...said, seen: page.version });
  const draft = () =>
    void ask('POST', route('window.page.draft', [handle, page.id]), {}).then((ok) => ok && setDrafted(drafted + 1));
  const publish = (shown: boolean) =>
    ask(
      'POST',
      route('window.page.publish', [handle, page.id]),
      { shown },
      shown ? 'Shoppers see it now.' : 'Shoppers don’t see it any more.',
    );
  const remove = () =>
    void send('DELETE', route('window.page.destroy', [handle, page.id]))
      .then(() => router.visit(route('window.pages', handle)))
      .catch(sayTrouble);
  const word = 'field-sizing-content min-w-[4ch] leading-tight font-medium text-ink';
  return (
    <div className="mx-auto max-w-[860px] px-6 pt-5 pb-16">
      <Head title={page.title} />
      <div className="flex items-baseline gap-4">
        <Link href={route('window.pages', handle)} className="text-mute underline decoration-line underline-offset-4">
          Pages
        </Link>
        <p className="text-mute" role="status">
          {page.stands}
        </p>
        <div className="ml-auto flex items-baseline gap-5">
          {page.shown && (
            <a
              href={page.address}
              target="_blank"
              rel="noreferrer"
              className="text-see underline decoration-line underline-offset-4"
            >
              See it
            </a>
          )}
          {page.shown && (
            <Button kind="quiet" onClick={() => void publish(false)}>
              Take it down
            </Button>
          )}
          <Button kind="quiet" onClick={remove}>
            Throw it away
          </Button>
          <Button kind="do" disabled={page.blank || page.same} onClick={() => void publish(true)}>
            {page.shown ? 'Publish it anew' : 'Publish it'}
          </Button>
        </div>
      </div>
      <h1 className="sr-only">{page.title}</h1>
      <CellField
        label="Title"
        value={page.title}
        inputMode="text"
        onSay={(title) => say({ title })}
        className="name mt-6 w-full border-transparent text-[30px] hover:border-rule/40"
      />
      <div className="mt-4 rounded-md border border-line bg-sheet px-7 py-6">
        <WordsEditor key={drafted} html={page.words} pictures={[]} onSay={(words) => say({ words })} />
        {page.words === '' && (
          <p className="mt-2 text-mute">
            Write here, or{' '}
            <button type="button" onClick={draft} className="text-you underline underline-offset-4">
              begin with a draft from your stall’s facts
            </button>
            .
          </p>
        )}
      </div>
      {(page.kind === 'questions' || page.asked.length > 0) && (
        <QuestionRows key={`${String(drafted)} asked`} asked={page.asked} onSay={(asked) => say({ asked })} />
      )}
      {page.kind === 'contact' && (
        <p className="mt-4 text-mute">
          Under it stands a form. What shoppers write comes to you by mail, and is kept in{' '}
          <Link href={route('counter.letters', handle)} className="underline underline-offset-4">
            Counter, letters
          </Link>
          .
        </p>
      )}
      <p className="mt-5 leading-[2] text-mute">
        It stands at /pages/
        <CellField
          label="Address"
          value={page.slug}
          inputMode="text"
          onSay={(slug) => say({ slug })}
          className={word}
        />
        ; search engines read{' '}
        <CellField
          label="Title for search engines"
          value={page.searchTitle}
          placeholder={page.title}
          inputMode="text"
          onSay={(search_title) => say({ search_title })}
          className={word}
        />{' '}
        and{' '}
        <CellField
          label="Description for search engines"
          value={page.searchWords}
          placeholder="its first words"
          inputMode="text"
          onSay={(search_words) => say({ search_words })}
          className={word}
        />
        ; it is{' '}
        <select
          aria-label="Who finds it"
          value={page.hidden ? 'hidden' : 'found'}
          onChange={(e) => void say({ hidden: e.target.value === 'hidden' })}
          className="field-sizing-content border-b border-rule/40 bg-transparent leading-tight font-medium text-ink"
        >
          <option value="found">found by everybody</option>
          <option value="hidden">seen only by whoever has its address</option>
        </select>
        .
      </p>
      <SearchShows cut={page.cut} />
    </div>
  );
}
