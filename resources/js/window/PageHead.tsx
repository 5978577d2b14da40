import { Link, router } from '@inertiajs/react';
import { toast } from 'sonner';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { WrittenPageView } from '@/types';
import { Ask } from '@/ui/Ask';
import { Button } from '@/ui/Button';
import type { Galley } from '@/window/useGalley';

interface Props {
  galley: Galley;
  page: WrittenPageView;
  wide: boolean;
  onWide: () => void;
}

const LINK = 'underline decoration-line underline-offset-4 hover:text-ink disabled:no-underline disabled:opacity-40';

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
    <div className="flex flex-none items-center gap-5 px-6 pt-4 pb-3 text-[13.5px] text-mute">
      <Link href={route('window.pages', handle)} className={LINK}>
        Pages
      </Link>
      <h1 className="name truncate text-[19px] text-ink">{page.title}</h1>
      <p role="status" data-changed={standing.changes > 0}>
        {galley.saving ? 'Saving…' : standing.words}
      </p>
      {blank && page.kind !== 'other' && (
        <Button small onClick={() => void galley.draft()}>
          Begin with a draft from your stall’s facts
        </Button>
      )}
      <div className="ml-auto flex items-center gap-4">
        <button type="button" className={LINK} disabled={!galley.canUndo} onClick={galley.undo}>
          Undo
        </button>
        <button type="button" className={LINK} disabled={!galley.canRedo} onClick={galley.redo}>
          Redo
        </button>
        <button type="button" className={LINK} aria-pressed={wide} onClick={onWide}>
          {wide ? 'Phone only' : 'See it wide'}
        </button>
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
          Its words go with it. What led there is named in your menus.
        </Ask>
        <Button kind="do" disabled={standing.changes === 0 || galley.saving} onClick={() => show(true)}>
          Publish
        </Button>
      </div>
    </div>
  );
}
