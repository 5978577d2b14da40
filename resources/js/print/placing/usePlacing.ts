import { useRef, useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { PlacingView } from '@/types';
import { draftOf, sent, type Draft } from './units';

/** Milliseconds that a hand has to rest before what it moved is sent. */
const REST = 180;

/**
 * What lies on a blank while it is being moved: seen at once, sent when the hand rests, one after the other; figures are
 * those of the last answer. Each rest is a step that can be taken back.
 */
export function usePlacing(given: PlacingView) {
  const handle = useHandle();
  const [view, setView] = useState(given);
  const [draft, setDraft] = useState(() => draftOf(given));
  const [past, setPast] = useState<Draft[]>([]);
  const [saving, setSaving] = useState(false);
  const revision = useRef(given.revision);
  const line = useRef<Promise<unknown>>(Promise.resolve());
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const waiting = useRef<Draft | null>(null);
  const stood = useRef(draft);
  const pending = useRef(0);
  const args = [handle, given.id];

  const take = (next: PlacingView) => {
    revision.current = next.revision;
    setView(next);
    stood.current = draftOf(next);
    // What was moved meanwhile, or is on its way, stands until it is answered itself.
    if (waiting.current === null && pending.current === 0) setDraft(stood.current);
  };
  const say = (own: Record<string, unknown>, method: 'PUT' | 'POST' = 'PUT', name = 'print.placing.say') => {
    setSaving(true);
    pending.current++;
    line.current = line.current.then(() =>
      send<PlacingView>(method, route(name, args), { ...own, revision: revision.current })
        .finally(() => {
          pending.current--;
        })
        .then(take)
        .catch((error: unknown) => {
          // It stands as it stood.
          setDraft(stood.current);
          sayTrouble(error);
        })
        .finally(() => {
          setSaving(pending.current > 0);
        }),
    );
    return line.current;
  };
  const flush = () => {
    clearTimeout(timer.current);
    const now = waiting.current;
    waiting.current = null;
    if (now === null) return line.current;
    setPast((steps) => [...steps.slice(-40), stood.current]);
    return say(sent(now));
  };
  const change = (next: Draft) => {
    waiting.current = next;
    setDraft(next);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void flush(), REST);
  };

  return {
    view,
    draft,
    saving,
    change,
    flush,
    say,
    mend: (finding: number) => {
      void flush();
      setPast((steps) => [...steps.slice(-40), stood.current]);
      return say({ finding }, 'POST', 'print.placing.mend');
    },
    back:
      past.length === 0
        ? null
        : () => {
            const last = past[past.length - 1];
            setPast(past.slice(0, -1));
            if (last) void say(sent(last));
          },
  };
}
