import { useGiven } from '@/lib/useGiven';
import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { toast } from 'sonner';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { PagesView, PoliciesView, WrittenPageView } from '@/types/window';
import { Button } from '@/ui/Button';
import { CornerTags } from '@/window/CornerTags';
import { GoodsPages } from '@/window/GoodsPages';
import { NotesList } from '@/window/NotesList';
import { OutsideScripts } from '@/window/OutsideScripts';
import { ParticularsSentence } from '@/window/ParticularsSentence';
import { PlacesOfWindow } from '@/window/PlacesOfWindow';
import { PolicyPaper } from '@/window/PolicyPaper';

/** The pages a seller writes, and the policies that say how the stall is set up. */
export default function PagesPage({ papers }: { papers: PagesView }) {
  const handle = useHandle();
  const [policies, setPolicies] = useGiven(papers.policies);
  const ask = (method: 'POST' | 'PATCH', url: string, body: unknown, done = ''): Promise<boolean> =>
    send<PoliciesView>(method, url, body)
      .then((now) => {
        setPolicies(now);
        if (done !== '') toast.success(done);
        return true;
      })
      .catch((e: unknown) => {
        sayTrouble(e);
        return false;
      });
  const say = (said: Record<string, unknown>) => ask('PATCH', route('window.policies.update', handle), said);
  const make = (kind: string) =>
    void send<WrittenPageView>('POST', route('window.pages.store', handle), { kind })
      .then((page) => router.visit(route('window.page', [handle, page.id])))
      .catch(sayTrouble);
  return (
    <div className="pb-16">
      <Head title="Pages and policies" />
      <div className="px-6 pt-4 pb-3">
        <PlacesOfWindow at="pages" />
      </div>
      <ul aria-label="Pages" className="border-t border-line">
        {papers.pages.map((page) => (
          <li
            key={page.id}
            className="flex flex-wrap items-baseline gap-x-5 border-b border-line bg-sheet px-6 py-2.5"
            data-page={page.kind}
          >
            <Link
              href={route('window.page', [handle, page.id])}
              className="name truncate max-md:basis-full md:w-64 text-[17px] hover:underline"
              data-title
            >
              {page.title}
            </Link>
            <span className={clsx(page.shown ? 'text-mute' : 'text-ochre')}>{page.stands}</span>
            <span className="ml-auto text-mute max-lg:hidden">/pages/{page.slug}</span>
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap items-center gap-3 px-6 pt-3">
        {Object.entries(papers.missing).map(([kind, name]) => (
          <Button key={kind} small onClick={() => make(kind)}>
            Write “{name}”
          </Button>
        ))}
        <Button kind="quiet" onClick={() => make('other')}>
          Another page
        </Button>
      </div>
      <NotesList notes={papers.notes} onWrite={() => make('note')} />
      <GoodsPages goods={papers.goods} types={papers.types} only={papers.only} laid={papers.laid} />
      <CornerTags tags={papers.tags} />
      <OutsideScripts scripts={papers.scripts} />
      <section aria-labelledby="policies" className="px-6 pt-9">
        <h2 id="policies" className="name text-[21px]">
          Policies
        </h2>
        <p className="mb-3 max-w-[84ch] text-mute">
          They are written from how the stall is set up. What only you know stands here. A start, and no legal advice:
          have somebody look at them who knows the law where you sell.
        </p>
        <ParticularsSentence particulars={policies.particulars} onSay={say} />
        <div className="mt-6 border-t border-line">
          {policies.policies.map((policy) => (
            <PolicyPaper
              key={policy.kind}
              policy={policy}
              onBesides={(words) => say({ besides: { [policy.kind]: words } })}
              onPublish={() =>
                ask(
                  'POST',
                  route('window.policies.publish', [handle, policy.kind]),
                  {},
                  `${policy.heading}: shoppers see it now.`,
                )
              }
            />
          ))}
        </div>
      </section>
    </div>
  );
}
