import { useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { GalleyView, LookView, MarginNoteView, PatchView, SavedCopyView } from '@/types/window';
import { carried, copyOf, type Copy, withSection } from '@/window/copy';
import { useHistory } from '@/window/useHistory';

/**
 * The page as it is being dressed: each change is saved at once, one saving after the other, and what came of it is
 * laid.
 *
 * @param page the written page that is dressed; null for the front page
 */
export function useGalley(given: GalleyView, page: number | null, lay: (patch: PatchView) => void, reload: () => void) {
  const handle = useHandle();
  const history = useHistory<Copy>(copyOf(given));
  const [notes, setNotes] = useState(() => new Map(given.notes.map((n) => [n.id, n])));
  const [look, setLook] = useState<LookView>(given.look);
  const [standing, setStanding] = useState(given.standing);
  const [trial, setTrial] = useState(given.trial);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const version = useRef(given.version);
  const wanted = useRef<Copy | null>(null);
  const line = useRef<Promise<void>>(Promise.resolve());

  const keepNotes = (changed: MarginNoteView[]) => {
    setNotes((before) => {
      const after = new Map(before);
      for (const note of changed) after.set(note.id, note);
      return after;
    });
  };

  /** Everything anew: after going back, publishing, or somebody else's changes. */
  function take(galley: GalleyView, isNew: boolean): void {
    version.current = galley.version;
    setStanding(galley.standing);
    setTrial(galley.trial);
    setLook(galley.look);
    setNotes(new Map(galley.notes.map((n) => [n.id, n])));
    if (isNew) {
      history.change(copyOf(galley), 'went back');
      reload();
    }
  }

  const waiting = (): boolean => wanted.current !== null;

  async function drain(): Promise<void> {
    const next = wanted.current;
    wanted.current = null;
    if (next) {
      try {
        const saved =
          page === null
            ? await send<SavedCopyView>('PUT', route('window.save', handle), { version: version.current, ...next })
            : await send<SavedCopyView>('PUT', route('window.page.save', [handle, page]), {
                version: version.current,
                sections: next.sections,
              });
        // While something typed meanwhile still waits, it goes on from what this page began from: only so are both laid together.
        if (!saved.merged || !waiting()) version.current = saved.version;
        keepNotes(saved.notes);
        if (saved.look) setLook(saved.look);
        setStanding(saved.standing);
        setTrouble(null);
        lay(saved.patch);
        if (saved.merged && !waiting()) history.carry(saved.merged as unknown as Copy, carried);
        if (saved.meeting && !waiting()) toast(saved.meeting, { duration: 12000 });
      } catch (error) {
        setTrouble(words(error));
      }
    }
    setSaving(waiting());
  }

  function flush(): Promise<void> {
    line.current = line.current.then(drain);
    return line.current;
  }

  function want(copy: Copy | null): void {
    if (!copy) return;
    wanted.current = copy;
    setSaving(true);
    void flush();
  }

  // Leaving the screen saves what is still waiting.
  const leave = useRef(flush);
  leave.current = flush;
  useEffect(() => () => void leave.current(), []);

  async function settle(ask: () => Promise<GalleyView>, isNew: boolean): Promise<boolean> {
    await flush();
    try {
      take(await ask(), isNew);
      setTrouble(null);
      return true;
    } catch (error) {
      setTrouble(words(error));
      return false;
    }
  }

  return {
    copy: history.now,
    notes,
    look,
    standing,
    trial,
    trouble,
    saving,
    setTrouble,
    canUndo: history.canUndo,
    canRedo: history.canRedo,
    /** @param what the same word for changes that are one step, such as typing on */
    change(next: Copy, what: string): void {
      want(history.change(next, what));
    },
    set(id: string, field: string, value: unknown): void {
      const next = withSection(history.latest.current, id, (s) => ({
        ...s,
        settings: { ...s.settings, [field]: value },
      }));
      want(history.change(next, `${id} ${field}`));
    },
    undo: (): void => {
      want(history.undo());
    },
    redo: (): void => {
      want(history.redo());
    },
    publish: (at?: string) =>
      settle(() => send<GalleyView>('POST', route('window.publish', handle), at === undefined ? {} : { at }), false),
    callOff: (revision: number) =>
      settle(() => send<GalleyView>('DELETE', route('window.due.end', [handle, revision])), false),
    first: (hero: number, starter: string) =>
      settle(() => send<GalleyView>('POST', route('window.first.store', handle), { hero, look: starter }), true),
    /** Of a written page: before shoppers, or not any more. */
    show: (shown: boolean) =>
      settle(() => send<GalleyView>('POST', route('window.page.publish', [handle, page ?? 0]), { shown }), false),
    /** Of a written page: a first text from the stall's facts. */
    draft: () => settle(() => send<GalleyView>('POST', route('window.page.draft', [handle, page ?? 0]), {}), true),
    back: (revision?: number) =>
      settle(
        () => send<GalleyView>('POST', route('window.back', handle), revision === undefined ? {} : { revision }),
        true,
      ),
  };
}

export type Galley = ReturnType<typeof useGalley>;
