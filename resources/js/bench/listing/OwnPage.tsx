import { router } from '@inertiajs/react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';

/** The way to a page of this listing's own, laid otherwise than that of the goods around it. */
export function OwnPage({ listing }: { listing: number }) {
  const handle = useHandle();
  const open = () =>
    void send<{ id: number }>('POST', route('window.pages.store', handle), { kind: 'goods', goods_listing: listing })
      .then((page) => router.visit(route('window.page', [handle, page.id])))
      .catch(sayTrouble);
  return (
    <p className="mt-3 text-[13.5px] text-mute">
      Its page in the shop is laid as those of all your goods are.{' '}
      <button type="button" className="underline decoration-line underline-offset-3 hover:text-ink" onClick={open}>
        Lay this one otherwise
      </button>
    </p>
  );
}
