import { useCallback, useEffect, useRef, useState } from 'react';
import type { PatchView } from '@/types/window';

/** What the sheet measured of itself, in its own pixels. */
export interface Measures {
  width: number;
  height: number;
  sections: { id: string; top: number; height: number }[];
  goods: { id: string; top: number; height: number }[];
  bytes: { page: number; pictures: number; typefaces: number; styles: number };
  [more: string]: unknown;
}

type FromSheet =
  | { galley: 'ready' | 'laid' | 'undo' | 'redo' }
  | { galley: 'measured'; measures: Measures }
  | { galley: 'chose'; id: string }
  | { galley: 'typed'; id: string; field: string; text: string };

interface Hears {
  onChoose: (id: string) => void;
  onType: (id: string, field: string, text: string) => void;
  onUndo: () => void;
  onRedo: () => void;
  onLaid: () => void;
}

/**
 * The sheets that show the page, at one width or several: what is laid on one is laid on all. The first one measures.
 */
export function useSheets(url: string, hears: Hears) {
  const origin = new URL(url).origin;
  const frames = useRef(new Map<string, HTMLIFrameElement>());
  const takes = useRef(new Map<string, (node: HTMLIFrameElement | null) => void>());
  const ready = useRef(new Set<string>());
  const marked = useRef<string | null>(null);
  const [measures, setMeasures] = useState<Measures | null>(null);
  const heard = useRef(hears);
  heard.current = hears;

  useEffect(() => {
    const onMessage = (event: MessageEvent<FromSheet>) => {
      const from = [...frames.current].find(([, frame]) => frame.contentWindow === event.source)?.[0];
      if (event.origin !== origin || from === undefined) return;
      const said = event.data;
      if (said.galley === 'ready') {
        ready.current.add(from);
        frames.current.get(from)?.contentWindow?.postMessage({ galley: 'mark', id: marked.current }, origin);
      }
      if (said.galley === 'measured' && from === 'phone') setMeasures(said.measures);
      if (said.galley === 'chose') heard.current.onChoose(said.id);
      if (said.galley === 'typed') heard.current.onType(said.id, said.field, said.text);
      if (said.galley === 'undo') heard.current.onUndo();
      if (said.galley === 'redo') heard.current.onRedo();
      if (said.galley === 'laid' && from === 'phone') heard.current.onLaid();
    };
    window.addEventListener('message', onMessage);
    return () => {
      window.removeEventListener('message', onMessage);
    };
  }, [origin]);

  const tell = useCallback(
    (message: Record<string, unknown>) => {
      for (const name of ready.current) frames.current.get(name)?.contentWindow?.postMessage(message, origin);
    },
    [origin],
  );

  return {
    measures,
    /** For the frame of that name; the same function each time, so that a frame isn't let go between two renderings. */
    frame: useCallback((name: string) => {
      const known = takes.current.get(name);
      if (known) return known;
      const take = (node: HTMLIFrameElement | null) => {
        if (node) frames.current.set(name, node);
        else {
          frames.current.delete(name);
          ready.current.delete(name);
        }
      };
      takes.current.set(name, take);
      return take;
    }, []),
    lay: useCallback(
      (patch: PatchView) => {
        tell({ galley: 'lay', ...patch });
      },
      [tell],
    ),
    mark: useCallback(
      (id: string | null) => {
        marked.current = id;
        tell({ galley: 'mark', id });
      },
      [tell],
    ),
    words: useCallback(
      (id: string, field: string, text: string) => {
        tell({ galley: 'words', id, field, text });
      },
      [tell],
    ),
  };
}
