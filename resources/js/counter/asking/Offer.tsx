import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useHandle } from '@/lib/useStall';
import type { SupplierOfferView } from '@/types/counter';
import { Button } from '@/ui/Button';

/** What a supplier offers, what that comes to, and the button that takes it. */
export function Offer({ offer, askedId, supplier }: { offer: SupplierOfferView; askedId: number; supplier: string }) {
  const handle = useHandle();
  return (
    <section
      aria-label="Their offer"
      data-offer={offer.state}
      className={clsx('mt-5 border-l-[3px] bg-sheet px-5 py-4', offer.state === 'taken' ? 'border-see' : 'border-sup')}
    >
      <p className="name text-[18px] leading-snug">{offer.sentence}</p>
      <p className="text-mute">
        {supplier}: {offer.words}
      </p>
      {offer.figures.length > 0 && (
        <ul className="mt-2">
          {offer.figures.map((figure) => (
            <li key={figure}>{figure}</li>
          ))}
        </ul>
      )}
      {offer.became !== '' && (
        <p className="mt-2 font-medium text-see">
          {offer.became}{' '}
          {offer.item !== null && (
            <Link
              href={route('source', [handle, { item: offer.item }])}
              className="underline decoration-line underline-offset-4"
            >
              Look at it in Source
            </Link>
          )}
        </p>
      )}
      {offer.state === 'wanted' && <p className="mt-2 text-mute">They are being told that you take it…</p>}
      {offer.button !== '' && (
        <Button
          kind="do"
          className="mt-3"
          onClick={() => {
            router.post(route('counter.asked.take', [handle, askedId]), { offer: offer.id }, { preserveScroll: true });
          }}
        >
          {offer.button}
        </Button>
      )}
    </section>
  );
}
