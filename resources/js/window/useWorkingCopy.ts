import { useEffect, useRef, useState } from 'react';
import { send, words } from '@/lib/http';
import { useHandle } from '@/lib/useStall';
import type { LogoView, SectionView, WindowView } from '@/types';

export interface LookDraft {
  starter: string;
  brand: string;
  wordmark: string;
  logo: LogoView | null;
}

const draft = (view: WindowView): LookDraft => ({ starter: view.starter, brand: view.brand, wordmark: view.wordmark, logo: view.logo });

/** The window as it is being dressed: changes show at once and are saved a moment later, one saving after the other. */
export function useWorkingCopy(given: WindowView) {
  const handle = useHandle();
  const [view, setView] = useState(given);
  const [look, setLookNow] = useState(() => draft(given));
  const [sections, setSectionsNow] = useState(given.sections);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const wanted = useRef<{ look: LookDraft; sections: SectionView[] } | null>(null);
  const line = useRef(Promise.resolve());
  const version = useRef(given.version);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const waiting = (): boolean => wanted.current !== null;

  /** Sends what is waiting, after whatever is on its way already. */
  async function drain(): Promise<void> {
    const next = wanted.current;
    wanted.current = null;
    if (next) {
      try {
        const saved = await send<WindowView>('PUT', route('window.save', handle), {
          version: version.current,
          look: next.look,
          sections: next.sections,
        });
        version.current = saved.version;
        setView(saved);
        setTrouble(null);
      } catch (error) {
        setTrouble(words(error));
      }
    }
    setSaving(waiting());
  }

  function flush(): Promise<void> {
    clearTimeout(timer.current);
    line.current = line.current.then(drain);
    return line.current;
  }

  function want(l: LookDraft, s: SectionView[]): void {
    wanted.current = { look: l, sections: s };
    setSaving(true);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void flush(), 350);
  }

  // Leaving the screen saves what is still waiting.
  const leave = useRef(flush);
  leave.current = flush;
  useEffect(() => () => void leave.current(), []);

  async function settle(url: string): Promise<void> {
    await flush();
    try {
      const next = await send<WindowView>('POST', url);
      version.current = next.version;
      setView(next);
      setLookNow(draft(next));
      setSectionsNow(next.sections);
      setTrouble(null);
    } catch (error) {
      setTrouble(words(error));
    }
  }

  return {
    view,
    look,
    sections,
    trouble,
    saving,
    setTrouble,
    setLook: (next: LookDraft) => {
      setLookNow(next);
      want(next, sections);
    },
    setSections: (next: SectionView[]) => {
      setSectionsNow(next);
      want(look, next);
    },
    publish: () => settle(route('window.publish', handle)),
    back: () => settle(route('window.back', handle)),
  };
}
