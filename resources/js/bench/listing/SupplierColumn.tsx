import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { ListingView, MadeFromView } from '@/types/bench';
import { Arrow } from '@/ui/Arrow';

/** What the supplier says, as said. What the seller's own word shuts out is struck. */
export function SupplierColumn({ listing }: { listing: ListingView }) {
  return (
    <div className="min-h-0 flex-1 overflow-auto px-5 pb-8" tabIndex={0} role="group" aria-label="The supplier’s word">
      {listing.supplier.madeFrom && <MadeFrom from={listing.supplier.madeFrom} />}
      {listing.pending.changes.length > 0 && (
        <Part
          label={
            listing.pending.changes.length === 1
              ? 'Changed since you agreed'
              : `${String(listing.pending.changes.length)} changes since you agreed`
          }
        >
          <ul className="space-y-2">
            {listing.pending.changes.slice(0, 6).map((c, i) => (
              <li key={i} data-change={c.kind}>
                <div className="text-ink">
                  <span className="text-mute">{c.about}:</span> {c.before} <Arrow /> <b>{c.after}</b>
                </div>
                {c.effect && (
                  <div className={clsx('text-[12.5px]', c.bad ? 'font-semibold text-you' : 'text-mute')}>
                    {c.effect}
                  </div>
                )}
              </li>
            ))}
          </ul>
        </Part>
      )}
      <Part label={listing.title.held ? 'Title, shut out by yours' : 'Title'}>
        <p className={clsx(listing.title.held ? 'text-sup-quiet line-through decoration-sup/40' : 'text-sup')}>
          {listing.supplier.title}
        </p>
      </Part>
      <Part label="Pictures" after={String(listing.supplier.pictures.length)}>
        <div className="flex flex-wrap gap-1.5">
          {listing.supplier.pictures.map((p) =>
            p.url ? (
              <img
                key={p.id}
                src={p.url}
                alt=""
                loading="lazy"
                className="size-12 rounded-[5px] border border-line object-cover"
              />
            ) : (
              <span
                key={p.id}
                className="grid size-12 place-items-center rounded-[5px] bg-shade text-[11px] text-mute"
                title={p.trouble ?? 'being fetched'}
              >
                {p.state === 'failed' ? '!' : '…'}
              </span>
            ),
          )}
        </div>
      </Part>
      <Part label={listing.words.held ? 'Words, shut out by yours' : 'Words'}>
        <div
          className={clsx('prose-words', listing.words.held ? 'text-sup-quiet' : 'text-sup')}
          dangerouslySetInnerHTML={{ __html: listing.supplier.words }}
        />
      </Part>
      <Part label="Options">
        {listing.supplier.options.length === 0 ? (
          <p className="text-mute">none</p>
        ) : (
          listing.supplier.options.map((o) => (
            <p key={o} className="text-sup">
              {o}
            </p>
          ))
        )}
      </Part>
      <Part label="Cost and arrival in your home market">
        {listing.supplier.arrival.length === 0 ? (
          <p className="font-medium text-ochre">not delivered there</p>
        ) : (
          listing.supplier.arrival.map((a) => (
            <p key={a} className="text-sup">
              {a}
            </p>
          ))
        )}
      </Part>
    </div>
  );
}

/** The placing that printed goods were made from, and what is amiss with it. */
function MadeFrom({ from }: { from: MadeFromView }) {
  return (
    <Part label="Made by you from">
      <p data-made-from>
        <Link href={from.address} className="text-you underline underline-offset-4">
          {from.name}
        </Link>
      </p>
      {from.amiss.map((words) => (
        <p key={words} className="mt-1 text-[13.5px] text-ochre" data-amiss>
          {words}
        </p>
      ))}
    </Part>
  );
}

function Part({ label, after, children }: { label: string; after?: string; children: ReactNode }) {
  return (
    <div className="border-b border-line py-3 last:border-0">
      <h3 className="mb-1 flex text-[12px] text-mute">
        {label}
        {after && <span className="ml-auto">{after}</span>}
      </h3>
      {children}
    </div>
  );
}
