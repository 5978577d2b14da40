import { useRef, useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import type { PlacingView } from '@/types/print';
import { draftOf, sent, type Draft } from './units';

/** Milliseconds that a hand has to rest before what it moved is sent. */
const REST = 180;

/** Steps that can be taken back. */
const MOST = 40;

/**
 * What lies on a blank while it is being moved: seen at once, sent when the hand rests, one after the other; figures are
 * those of the last answer. Each rest is a step that can be taken back.
 */
export function usePlacing(given: PlacingView) {
  const handle = useHandle();
  const [view, setView] = useState(given);
  const [draft, setDraft] = useState(() => draftOf(given));
  const [back, setBack] = useState(false);
  const [saving, setSaving] = useState(false);
  const revision = useRef(given.revision);
  const line = useRef<Promise<unknown>>(Promise.resolve());
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const waiting = useRef<Draft | null>(null);
  // What stands by the last answer, and what was last sent or stood: a step back leads there.
  const stood = useRef(draft);
  const last = useRef(draft);
  const steps = useRef<Draft[]>([]);
  const pending = useRef(0);
  const args = [handle, given.id];

  const take = (next: PlacingView) => {
    revision.current = next.revision;
    setView(next);
    stood.current = draftOf(next);
    // What was moved meanwhile, or is on its way, stands until it is answered itself.
    if (pending.current > 0) return;
    last.current = stood.current;
    if (waiting.current === null) setDraft(stood.current);
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
          last.current = stood.current;
          setDraft(stood.current);
          sayTrouble(error);
        })
        .finally(() => {
          setSaving(pending.current > 0);
        }),
    );
    return line.current;
  };
  const step = (to: Draft) => {
    steps.current = [...steps.current.slice(-MOST), last.current];
    last.current = to;
    setBack(true);
  };
  const flush = () => {
    clearTimeout(timer.current);
    const now = waiting.current;
    waiting.current = null;
    if (now === null) return line.current;
    step(now);
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
      step(last.current);
      return say({ finding }, 'POST', 'print.placing.mend');
    },
    /** As large as it goes between the safe lines, or over the whole area. */
    fit: (area: string, piece: number, as: 'within' | 'fill') => {
      void flush();
      step(last.current);
      return say({ fit: { area, piece, as } });
    },
    back: back
      ? () => {
          // What hasn't been sent yet is a step, too.
          void flush();
          const before = steps.current.pop();
          setBack(steps.current.length > 0);
          if (!before) return;
          last.current = before;
          setDraft(before);
          void say(sent(before));
        }
      : null,
  };
}
