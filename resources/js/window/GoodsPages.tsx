import { Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { GoodsPageView, LaidPageView, SoldOnlyView, WrittenPageView } from '@/types/window';
import { Button } from '@/ui/Button';
import { SoldOnly } from '@/window/SoldOnly';

interface Props {
  goods: GoodsPageView[];
  types: string[];
  only: SoldOnlyView;
  laid: LaidPageView[];
}

/** How the pages of goods are laid: one for all, and others for what is to look different. */
export function GoodsPages({ goods, types, only, laid }: Props) {
  const handle = useHandle();
  const make = (goods_type?: string, kind = 'goods') =>
    void send<WrittenPageView>('POST', route('window.pages.store', handle), { kind, goods_type })
      .then((page) => router.visit(route('window.page', [handle, page.id])))
      .catch(sayTrouble);
  const all = goods.some((page) => page.of === 'all');
  return (
    <section aria-labelledby="goods-pages" className="pt-9">
      <h2 id="goods-pages" className="name px-6 text-[21px]">
        How goods are shown
      </h2>
      <p className="mb-3 max-w-[84ch] px-6 text-mute">
        Pictures, price, options, the ladder, when it is there: which parts stand on the page of each of your goods, and
        in which order. Goods of one type can have a page of their own; so can a single one; the way there is on its
        listing. Shelves, with all other lists, and the basket are laid the same way.
      </p>
      <SoldOnly only={only} />
      <ul aria-label="Pages of goods" className="border-t border-line">
        {!all && (
          <li className="flex flex-wrap items-baseline gap-x-5 border-b border-line bg-sheet px-6 py-2.5">
            <button type="button" className="name text-[17px] hover:underline md:w-64 text-left" onClick={() => make()}>
              All goods
            </button>
            <span className="text-mute">As the program lays them.</span>
          </li>
        )}
        {goods.map((page) => (
          <li
            key={page.id}
            className="flex flex-wrap items-baseline gap-x-5 border-b border-line bg-sheet px-6 py-2.5"
            data-goods-page={page.of}
          >
            <Link
              href={route('window.page', [handle, page.id])}
              className="name truncate text-[17px] hover:underline max-md:basis-full md:w-64"
            >
              {page.title}
            </Link>
            <span className={clsx(page.shown ? 'text-mute' : 'text-ochre')}>{page.stands}</span>
          </li>
        ))}
        {laid.map((page) => (
          <li
            key={page.kind}
            className="flex flex-wrap items-baseline gap-x-5 border-b border-line bg-sheet px-6 py-2.5"
            data-goods-page={page.kind}
          >
            <button
              type="button"
              className="name truncate text-left text-[17px] hover:underline max-md:basis-full md:w-64"
              onClick={() => make(undefined, page.kind)}
            >
              {page.title}
            </button>
            <span className={clsx(page.shown ? 'text-mute' : 'text-ochre')}>{page.stands}</span>
          </li>
        ))}
      </ul>
      {types.length > 0 && (
        <div className="flex flex-wrap items-center gap-3 px-6 pt-3">
          <span className="text-mute">A page of its own for goods of type</span>
          {types.map((type) => (
            <Button key={type} small onClick={() => make(type)}>
              {type}
            </Button>
          ))}
        </div>
      )}
    </section>
  );
}
