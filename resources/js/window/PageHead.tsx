import { Link, router } from '@inertiajs/react';
import { toast } from 'sonner';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { WrittenPageView } from '@/types/window';
import { Ask } from '@/ui/Ask';
import { Button } from '@/ui/Button';
import { LINK, SeeWide, Steps } from '@/window/Steps';
import type { Galley } from '@/window/useGalley';

interface Props {
  galley: Galley;
  page: WrittenPageView;
  wide: boolean;
  onWide: () => void;
}

/** Which page is being dressed, how it stands against what shoppers see, and publishing it. */
export function PageHead({ galley, page, wide, onWide }: Props) {
  const handle = useHandle();
  const { standing } = galley;
  const blank = !page.shown && standing.changes === 0;
  const show = (shown: boolean) =>
    void galley.show(shown).then((ok) => {
      if (ok) toast.success(shown ? 'Shoppers see it now.' : 'Shoppers don’t see it any more.');
      router.reload({ only: ['page', 'reach'] });
    });
  const remove = () =>
    void send('DELETE', route('window.page.destroy', [handle, page.id]))
      .then(() => router.visit(route('window.pages', handle)))
      .catch(sayTrouble);
  return (
    <div className="flex flex-none items-center gap-x-5 gap-y-2 px-6 pt-4 pb-3 text-[13.5px] text-mute max-lg:flex-wrap">
      <Link href={route('window.pages', handle)} className={LINK}>
        Pages
      </Link>
      <h1 className="name truncate text-[19px] text-ink">{page.title}</h1>
      <p role="status" data-changed={standing.changes > 0}>
        {galley.saving ? 'Saving…' : standing.words}
      </p>
      {blank && !['other', 'note', 'goods', 'lists', 'basket'].includes(page.kind) && (
        <Button small onClick={() => void galley.draft()}>
          Begin with a draft from your stall’s facts
        </Button>
      )}
      <div className="ml-auto flex items-center gap-x-4 gap-y-2 whitespace-nowrap max-lg:flex-wrap">
        <Steps galley={galley} />
        <SeeWide wide={wide} onWide={onWide} />
        {page.shown && (
          <>
            <a href={page.address} target="_blank" rel="noreferrer" className={LINK}>
              As shoppers see it
            </a>
            <button type="button" className={LINK} onClick={() => show(false)}>
              Take it down
            </button>
          </>
        )}
        <Ask button="Throw it away" title={`Throw “${page.title}” away?`} yes="Throw it away" onYes={remove}>
          {page.kind === 'goods'
            ? 'Its goods are shown again as those around them are.'
            : ['lists', 'basket'].includes(page.kind)
              ? 'It is shown again as the program lays it.'
              : 'Its words go with it. What led there is named in your menus.'}
        </Ask>
        <Button kind="do" disabled={standing.changes === 0 || galley.saving} onClick={() => show(true)}>
          Publish
        </Button>
      </div>
    </div>
  );
}
