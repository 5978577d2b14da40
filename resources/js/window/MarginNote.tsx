import { useDraggable, useDroppable } from '@dnd-kit/core';
import { DotsSixVerticalIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { forwardRef, useCallback, type KeyboardEvent } from 'react';
import { toast } from 'sonner';
import type { FindingView, MarginNoteView, ReachView, SectionKindView } from '@/types/window';
import { moved, type Copy, type SectionDraft } from '@/window/copy';
import { Findings } from '@/window/Findings';
import { Sentence } from '@/window/Sentence';
import { ShowingLine } from '@/window/ShowingLine';
import { LogoSlot } from '@/window/tray/LogoSlot';

interface Props {
  top: number;
  /** Where its section begins on the sheet. */
  at: number | undefined;
  section: SectionDraft;
  note: MarginNoteView;
  kind: SectionKindView | undefined;
  reach: ReachView;
  sections: SectionDraft[];
  notes: Map<string, MarginNoteView>;
  copy: Copy;
  place: number;
  open: boolean;
  onHand: (id: string | null) => void;
  onSet: (id: string, field: string, value: unknown) => void;
  onChange: (next: Copy, what: string) => void;
  findings: FindingView[];
  /** How far down it is, where that matters. */
  figure: string;
  onMend: (finding: FindingView) => void;
  onWave: (finding: FindingView) => void;
}

/** One section's note: closed, what it says and the figure that matters; open, the sentence by which it is set. */
export const MarginNote = forwardRef<HTMLElement, Props>(function MarginNote(props, observe) {
  const { top, at, section, note, open, onHand, copy, place, onChange } = props;
  const drag = useDraggable({ id: section.id });
  const drop = useDroppable({ id: section.id });
  const setRefs = useCallback(
    (node: HTMLElement | null) => {
      drop.setNodeRef(node);
      drag.setNodeRef(node);
      if (typeof observe === 'function') observe(node);
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [observe],
  );
  const move = (by: number) => {
    onChange(moved(copy, section.id, place + by), `move ${section.id} ${String(place + by)}`);
  };
  const onKeyDown = (e: KeyboardEvent) => {
    if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
      e.preventDefault();
      move(e.key === 'ArrowUp' ? -1 : 1);
    }
    if (e.key === 'Escape' && open) onHand(null);
  };
  const { role, ...attributes } = drag.attributes;
  const away = note.stays !== null || section.showing.hidden;

  return (
    <section
      ref={setRefs}
      data-note={section.id}
      aria-label={`${String(place + 1)}: ${note.label}`}
      onKeyDown={onKeyDown}
      className={clsx(
        'group absolute right-6 left-0 pl-[46px]',
        drop.isOver && !drag.isDragging && 'border-t-2 border-you',
        drag.isDragging && 'opacity-60',
      )}
      style={{
        top,
        transform: drag.transform ? `translateY(${String(drag.transform.y)}px)` : undefined,
        zIndex: drag.isDragging ? 20 : 'auto',
      }}
    >
      {at !== undefined && Math.abs(at - top) < 60 && (
        <span
          className={clsx('absolute top-[17px] left-0 w-[34px] border-t', open ? 'border-you' : 'border-rule/60')}
          aria-hidden
        />
      )}
      <div
        className={clsx('flex items-start gap-3', open && 'border border-l-[3px] border-line border-l-you bg-sheet')}
      >
        {open ? (
          <div className="min-w-0 flex-1 px-4 py-3">
            <Sentence {...props} />
            {section.kind === 'masthead' && (
              <div className="mt-3 flex items-center gap-3">
                <span className="text-mute">In place of the name:</span>
                <LogoSlot
                  name="logo of the masthead"
                  logo={copy.look.logo}
                  ground={undefined}
                  send="A logo of your own"
                  onTrouble={(trouble) => {
                    if (trouble !== null) toast.error(trouble);
                  }}
                  onLogo={(logo) => onChange({ ...copy, look: { ...copy.look, logo } }, 'look logo')}
                />
              </div>
            )}
            <Findings findings={props.findings} onMend={props.onMend} onWave={props.onWave} />
            <ShowingLine
              section={section}
              kind={props.kind}
              onShowing={(showing) => {
                const sections = copy.sections.map((s) => (s.id === section.id ? { ...s, showing } : s));
                onChange({ ...copy, sections }, `showing ${section.id}`);
              }}
              onCopy={() => {
                const twin = { ...section, id: `${section.kind}-${Date.now().toString(36)}` };
                const sections = [...copy.sections.slice(0, place + 1), twin, ...copy.sections.slice(place + 1)];
                onChange({ ...copy, sections }, `copy ${section.id}`);
                onHand(twin.id);
              }}
              onRemove={() => {
                onChange(
                  { ...copy, sections: copy.sections.filter((s) => s.id !== section.id) },
                  `remove ${section.id}`,
                );
                toast(`${note.label} is gone from the page. Undo brings it back.`, { duration: 7000 });
                onHand(null);
              }}
            />
          </div>
        ) : (
          <button
            type="button"
            aria-expanded={false}
            className="flex min-w-0 flex-1 items-baseline gap-4 rounded px-3 py-[7px] text-left hover:bg-sheet"
            onClick={() => {
              onHand(section.id);
            }}
          >
            <span className="w-[104px] flex-none font-semibold">{note.label}</span>
            <span className={clsx('min-w-0 flex-1 truncate', away && 'text-mute')}>{note.summary}</span>
            <span
              className={clsx(
                'max-w-[46%] flex-none truncate text-[12.5px]',
                note.stays !== null ? 'text-ochre' : 'text-mute',
              )}
            >
              {note.stays ??
                ([note.showing.words, note.figure, props.figure].filter((w) => w !== '').join(' · ') || '')}
            </span>
          </button>
        )}
        <button
          type="button"
          aria-label={`Move ${note.label}: drag, or Alt with the arrow keys`}
          className={clsx(
            'mt-2 flex-none cursor-grab text-rule group-hover:opacity-100 focus-visible:opacity-100',
            open ? 'mr-2' : 'opacity-0',
          )}
          {...drag.listeners}
          {...attributes}
        >
          <DotsSixVerticalIcon size={16} />
        </button>
      </div>
      {!open && (
        <div className="pl-[120px]">
          <Findings findings={props.findings} onMend={props.onMend} onWave={props.onWave} />
        </div>
      )}
    </section>
  );
});
