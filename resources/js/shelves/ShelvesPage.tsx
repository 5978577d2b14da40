import { Head } from '@inertiajs/react';
import { useState } from 'react';
import { count, plural } from '@/lib/plural';
import { FilingSheet } from '@/shelves/FilingSheet';
import { Homeless } from '@/shelves/Homeless';
import { Proposals } from '@/shelves/list/Proposals';
import { ShelfRow } from '@/shelves/list/ShelfRow';
import { LookedFor } from '@/shelves/LookedFor';
import { NewShelf } from '@/shelves/NewShelf';
import type { ShelvesView } from '@/types/shelves';
import { Button } from '@/ui/Button';
import { Empty } from '@/ui/Empty';

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
            <ShelfRow key={shelf.id} shelf={shelf} />
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
