import { DndContext, PointerSensor, closestCenter, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { useCallback, useLayoutEffect, useRef, useState } from 'react';
import type { AuditView, FindingView, MarginNoteView, ReachView, SectionKindView } from '@/types/window';
import { laid, moved, newSection, type Copy, type SectionDraft } from '@/window/copy';
import { LayHere } from '@/window/LayHere';
import { MarginNote } from '@/window/MarginNote';
import type { Galley } from '@/window/useGalley';
import type { Measures } from '@/window/useSheets';

interface Props {
  galley: Galley;
  kinds: SectionKindView[];
  reach: ReachView;
  measures: Measures | null;
  scale: number;
  inHand: string | null;
  onHand: (id: string | null) => void;
  onChange: (next: Copy, what: string) => void;
  onSet: (id: string, field: string, value: unknown) => void;
  audit: AuditView;
  onMend: (finding: FindingView) => void;
  onWave: (finding: FindingView) => void;
}

const GAP = 6;
/** Below the note in hand, where something can be laid. */
const LAY = 30;

/** The notes in the margin: each at its section's height, further down where the one above needs the room. */
export function Margin({
  galley,
  kinds,
  reach,
  measures,
  scale,
  inHand,
  onHand,
  onChange,
  onSet,
  audit,
  onMend,
  onWave,
}: Props) {
  const { copy } = galley;
  const heights = useRef(new Map<string, number>());
  const [, setMeasured] = useState(0);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));

  const watch = useRef<ResizeObserver | null>(null);
  useLayoutEffect(() => {
    const observer = new ResizeObserver((entries) => {
      for (const entry of entries) {
        const id = (entry.target as HTMLElement).dataset.note ?? '';
        heights.current.set(id, entry.borderBoxSize[0]?.blockSize ?? 0);
      }
      setMeasured((n) => n + 1);
    });
    watch.current = observer;
    document.querySelectorAll('[data-note]').forEach((node) => {
      observer.observe(node);
    });
    return () => {
      observer.disconnect();
    };
  }, []);
  const observe = useCallback((node: HTMLElement | null) => {
    if (node) watch.current?.observe(node);
  }, []);

  const tops = new Map(measures?.sections.map((s) => [s.id, s.top * scale]) ?? []);
  let free = 4;
  const places = copy.sections.map((section) => {
    const top = Math.max(tops.get(section.id) ?? free, free);
    free = top + (heights.current.get(section.id) ?? 34) + (section.id === inHand ? LAY : GAP);
    return { section, top };
  });

  const add = (kind: SectionKindView, at: number) => {
    const section = newSection(kind);
    onChange(laid(copy, section, at), `lay ${section.id}`);
    onHand(section.id);
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    const to = copy.sections.findIndex((s) => s.id === over.id);
    onChange(moved(copy, String(active.id), to), `move ${String(active.id)} ${String(to)}`);
  };

  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={onDragEnd}>
      <ol aria-label="Notes" className="relative min-w-[300px] flex-1" style={{ minHeight: free + 220 }}>
        {places.map(({ section, top }, n) => (
          <li key={section.id} className="contents">
            <MarginNote
              ref={observe}
              top={top}
              at={tops.get(section.id)}
              section={section}
              note={galley.notes.get(section.id) ?? newNote(section, kinds)}
              kind={kinds.find((k) => k.key === section.kind)}
              reach={reach}
              sections={copy.sections}
              notes={galley.notes}
              open={section.id === inHand}
              onHand={onHand}
              onSet={onSet}
              onChange={onChange}
              copy={copy}
              findings={audit.findings.filter((f) => f.section === section.id)}
              figure={audit.figures[section.id] ?? ''}
              onMend={onMend}
              onWave={onWave}
              place={n}
            />
            <LayHere
              kinds={kinds.filter((k) => !k.always)}
              top={top + (heights.current.get(section.id) ?? 34) + (section.id === inHand ? GAP : -GAP)}
              always={section.id === inHand || n === copy.sections.length - 1}
              onLay={(kind) => {
                add(kind, n + 1);
              }}
            />
          </li>
        ))}
      </ol>
    </DndContext>
  );
}

/** Until the first saving comes back. */
function newNote(section: SectionDraft, kinds: SectionKindView[]): MarginNoteView {
  return {
    id: section.id,
    kind: section.kind,
    label: kinds.find((k) => k.key === section.kind)?.label ?? '',
    summary: '…',
    figure: '',
    stays: null,
    sentence: [],
    settings: section.settings,
    showing: { ...section.showing, words: '' },
  };
}
