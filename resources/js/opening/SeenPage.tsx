import { Head, Link } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import type { SeenView } from '@/types/opening';
import { SearchShows } from '@/ui/SearchShows';

/** How search engines and messengers show the shop's pages, as the last rehearsal read them. */
export default function SeenPage({ seen }: { seen: SeenView }) {
  const handle = useHandle();
  return (
    <div className="px-6 pt-5 pb-16">
      <Head title="Seen elsewhere" />
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="name text-[24px]">{seen.head}</h1>
        <Link href={route('opening', handle)} className="text-mute underline underline-offset-4 hover:text-ink">
          What is left
        </Link>
      </div>
      <p className="mt-1 mb-4 max-w-[84ch] text-mute">{seen.about}</p>
      <ul aria-label="Pages" className="grid gap-x-10 border-t border-line lg:grid-cols-2">
        {seen.pages.map((page) => (
          <li
            key={page.cut.address}
            className="border-b border-line py-4"
            data-seen={page.amiss.length > 0 ? 'amiss' : 'well'}
          >
            <SearchShows cut={page.cut} />
            <p className="mt-2 pl-[19px] text-[13.5px] text-mute">
              {page.picture ? 'Its picture goes along when it is shared.' : 'Shared, it is words alone.'}
              {page.amiss.length > 0 && (
                <>
                  {' '}
                  <span className="text-ochre">{sentence(page.amiss)}</span>{' '}
                  <Link href={page.href} className="underline underline-offset-4 hover:text-ink">
                    Mend it
                  </Link>
                </>
              )}
            </p>
          </li>
        ))}
      </ul>
    </div>
  );
}

function sentence(amiss: string[]): string {
  const said = amiss.join(', ');
  return said.charAt(0).toUpperCase() + said.slice(1) + '.';
}
