import type { Galley } from '@/window/useGalley';

/** How what can be pressed in the head of the galley looks. */
export const LINK =
  'underline decoration-line underline-offset-4 hover:text-ink disabled:no-underline disabled:opacity-40';

/** One step back, and forth again. */
export function Steps({ galley }: { galley: Galley }) {
  return (
    <>
      <button type="button" className={LINK} disabled={!galley.canUndo} onClick={galley.undo}>
        Undo
      </button>
      <button type="button" className={LINK} disabled={!galley.canRedo} onClick={galley.redo}>
        Redo
      </button>
    </>
  );
}

/** Looks at the page on wide screens besides the phone. */
export function SeeWide({ wide, onWide }: { wide: boolean; onWide: () => void }) {
  return (
    <button type="button" className={LINK} aria-pressed={wide} onClick={onWide}>
      {wide ? 'Phone only' : 'See it wide'}
    </button>
  );
}
