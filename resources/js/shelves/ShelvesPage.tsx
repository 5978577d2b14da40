import { Head, Link, router } from '@inertiajs/react';
import { StackIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { send } from '@/lib/http';
import { count, plural } from '@/lib/plural';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import { FilingSheet } from '@/shelves/FilingSheet';
import { Homeless } from '@/shelves/Homeless';
import { LookedFor } from '@/shelves/LookedFor';
import { NewShelf } from '@/shelves/NewShelf';
import type { MadeShelfView, ProposalView, ShelfRowView, ShelvesView } from '@/types/shelves';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';
import { Thumb } from '@/ui/Thumb';

/** All shelves, what is amiss with them, those there could be, and the goods that stand on none. */
export default function ShelvesPage({ shelves }: { shelves: ShelvesView }) {
  const [filing, setFiling] = useState(false);
  const [homeless, setHomeless] = useState(false);
  const [looked, setLooked] = useState(false);
  const nothing = shelves.all === 0;
  return (
    <div className="pb-16">
      <Head title="Shelves" />
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2 px-6 pt-5 pb-4">
        <h1 className="name text-[26px]">Shelves</h1>
        {!nothing && (
          <p className="text-mute">
            {shelves.homeless === 0 ? (
              'All goods in the window stand on one.'
            ) : (
              <>
                <button
                  type="button"
                  onClick={() => setHomeless(true)}
                  className="text-ochre underline underline-offset-4"
                >
                  {count(shelves.homeless, 'of the goods', 'of the goods')}
                </button>{' '}
                in the window {plural(shelves.homeless, 'stands', 'stand')} on none.
              </>
            )}
          </p>
        )}
        <div className="ml-auto flex flex-wrap items-baseline gap-x-5 gap-y-2">
          <Button kind="quiet" onClick={() => setLooked(true)}>
            Looked for
          </Button>
          <Button kind="quiet" onClick={() => setFiling(true)}>
            Tags and types
          </Button>
          <NewShelf />
        </div>
      </div>
      {shelves.shelves.length > 0 && (
        <ul aria-label="Shelves" className="border-t border-line">
          {shelves.shelves.map((shelf) => (
            <Row key={shelf.id} shelf={shelf} />
          ))}
        </ul>
      )}
      {nothing ? (
        <Empty title="Nothing is in the window yet">
          Shelves hold goods that are in the window: by hand, or by a rule that fills them by itself.
        </Empty>
      ) : (
        shelves.proposals.length > 0 && <Proposals proposals={shelves.proposals} first={shelves.shelves.length === 0} />
      )}
      <FilingSheet open={filing} onClose={() => setFiling(false)} />
      <LookedFor open={looked} onClose={() => setLooked(false)} />
      <Homeless open={homeless} onClose={() => setHomeless(false)} />
    </div>
  );
}

function Row({ shelf }: { shelf: ShelfRowView }) {
  const handle = useHandle();
  return (
    <li
      className="grid grid-cols-[60px_minmax(0,1fr)_auto] items-center gap-4 border-b border-line bg-sheet px-6 py-3"
      data-shelf={shelf.name}
    >
      <Thumb src={shelf.picture} size={60} />
      <div className="min-w-0">
        <Link href={route('shelves.shelf', [handle, shelf.id])} className="name text-[18px] hover:underline" data-title>
          {shelf.name}
        </Link>
        <p className="truncate text-mute">
          {shelf.fills}; {shelf.standing}
        </p>
      </div>
      <div className="text-right">
        <span className="font-semibold">{count(shelf.goods, 'thing')}</span>
        {shelf.remarks.map((words) => (
          <p key={words} className="text-[13px] text-ochre">
            {words}
          </p>
        ))}
      </div>
    </li>
  );
}

function Proposals({ proposals, first }: { proposals: ProposalView[]; first: boolean }) {
  return (
    <section aria-labelledby="proposed" className={clsx('px-6', first ? 'pt-2' : 'pt-8')}>
      <h2 id="proposed" className="name text-[19px]">
        {first ? 'Shelves your goods would fill' : 'What could stand together too'}
      </h2>
      <p className="mb-3 text-mute">Worked out from types, tags and titles; each changes as its goods do.</p>
      <ul className="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
        {proposals.map((p) => (
          <Proposal key={`${p.by} ${p.named}`} proposal={p} />
        ))}
      </ul>
    </section>
  );
}

function Proposal({ proposal: p }: { proposal: ProposalView }) {
  const handle = useHandle();
  const { busy, during } = useSend();
  const make = () =>
    void during(
      send<MadeShelfView>('POST', route('shelves.store', handle), {
        name: p.name,
        rule: p.by === 'word' ? null : { join: 'all', parts: [{ field: p.by, names: [p.named] }] },
        listings: p.listings,
      }).then(({ shelf }) => router.visit(route('shelves.shelf', [handle, shelf]))),
    );
  return (
    <li className="flex items-center gap-3 border-t border-line py-3" data-proposal={p.named}>
      <Thumb src={p.picture} size={48} />
      <div className="min-w-0 flex-1">
        <b className="block truncate font-semibold">{p.name}</b>
        <span className="block text-[13px] text-mute">{p.why}</span>
      </div>
      <Button small disabled={busy} onClick={make} aria-label={`Make a shelf of ${p.name}`}>
        <StackIcon size={15} aria-hidden /> Make it
      </Button>
    </li>
  );
}
