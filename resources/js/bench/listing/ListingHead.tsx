import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { toast } from 'sonner';
import { WriteForMe } from '@/bench/listing/WriteForMe';
import { History } from '@/bench/slots';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { ListingView, PlacementView } from '@/types/bench';
import { Button } from '@/ui/Button';

interface Props {
  listing: ListingView;
  earlier: number | null;
  later: number | null;
  onChanged: (next: ListingView) => void;
  onReload: () => void;
  /** To the place where something that is lacking is mended. */
  onGo: (place: string) => void;
}

/** What the listing is, what it still lacks, and the one next step. */
export function ListingHead({ listing, earlier, later, onChanged, onReload, onGo }: Props) {
  const handle = useHandle();
  const [busy, setBusy] = useState(false);
  const [history, setHistory] = useState(false);
  const first = listing.stands.lacks[0];
  const more = listing.stands.lacks.length - 1;
  const shown = listing.stands.state === 'in_window';

  const run = async (call: () => Promise<void>) => {
    setBusy(true);
    try {
      await call();
      onChanged(await send<ListingView>('GET', route('bench.listing.view', [handle, listing.id])));
      router.reload({ only: ['frame'] });
    } catch (error) {
      sayTrouble(error);
    } finally {
      setBusy(false);
    }
  };
  const put = () =>
    run(async () => {
      const { placed, left } = await send<PlacementView>('POST', route('bench.window', handle), {
        listings: [listing.id],
      });
      const lack = left[0]?.lacks[0];
      if (lack) {
        toast.error(`It can’t be shown yet. ${lack.words}`, { duration: 9000 });
        onGo(lack.place);
      }
      const url = placed[0]?.url;
      if (url)
        toast.success('It is in the window.', {
          action: {
            label: 'See it',
            onClick: () => {
              window.open(url, '_blank');
            },
          },
          duration: 9000,
        });
    });
  const out = () =>
    run(async () => {
      await send('POST', route('bench.out', handle), { listings: [listing.id], to: 'on_bench' });
      toast('It lies on the bench again; shoppers don’t see it.');
    });

  return (
    <div className="flex flex-none items-center gap-x-4 gap-y-2 px-5 py-3 max-lg:flex-wrap">
      {listing.pictures.shown[0]?.url ? (
        <img
          src={listing.pictures.shown[0].url}
          alt=""
          className="size-[46px] rounded-md border border-line object-cover"
        />
      ) : (
        <span className="size-[46px] rounded-md bg-shade" />
      )}
      <div className="min-w-0 max-lg:flex-1">
        <h1 className="name text-[24px] leading-tight max-md:line-clamp-2 max-md:text-[20px] md:truncate">
          {listing.title.shown || 'Without a title'}
        </h1>
        <p className="text-mute">
          {listing.stands.words} · from {listing.supplier.name} ·{' '}
          <button
            type="button"
            className="underline decoration-line underline-offset-3 hover:text-ink"
            onClick={() => {
              setHistory(true);
            }}
          >
            what was said of it
          </button>
          {earlier !== null && (
            <>
              {' '}
              ·{' '}
              <Link
                className="rounded border border-line px-1.5 text-[12px]"
                aria-label="The listing before"
                href={route('bench.listing', [handle, earlier])}
              >
                [
              </Link>
            </>
          )}
          {later !== null && (
            <>
              {' '}
              <Link
                className="rounded border border-line px-1.5 text-[12px]"
                aria-label="The listing after"
                href={route('bench.listing', [handle, later])}
              >
                ]
              </Link>
            </>
          )}
        </p>
      </div>
      <History
        listing={listing.id}
        open={history}
        onClose={() => {
          setHistory(false);
        }}
        onSetBack={onReload}
      />
      <div className="ml-auto flex items-center gap-x-4 gap-y-2 max-lg:basis-full max-lg:flex-wrap lg:flex-none">
        <WriteForMe listing={listing} onListing={onChanged} onReload={onReload} />
        {first && (
          <button
            type="button"
            onClick={() => {
              onGo(first.place);
            }}
            className="text-mute hover:text-ink max-lg:text-left lg:max-w-72 lg:text-right"
            data-lack
          >
            <span className="font-semibold text-ochre">
              {more > 0 ? `${String(listing.stands.lacks.length)} things left:` : '1 thing left:'}
            </span>{' '}
            {first.words}
          </button>
        )}
        {shown ? (
          <Button onClick={() => void out()} disabled={busy}>
            Take out of the window
          </Button>
        ) : (
          <Button kind="do" onClick={() => void put()} disabled={busy}>
            Put in the window
          </Button>
        )}
      </div>
    </div>
  );
}
