import { DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, arrayMove, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { DotsSixVerticalIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { DropdownMenu } from 'radix-ui';
import type { KindView, SectionView } from '@/types';
import { Button } from '@/ui/Button';

interface Props {
  sections: SectionView[];
  kinds: KindView[];
  at: string;
  onAt: (id: string) => void;
  onChange: (sections: SectionView[]) => void;
}

/** The sections in their order: drag, or Alt with the arrow keys, moves one. */
export function SectionList({ sections, kinds, at, onAt, onChange }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const move = (id: string, to: number) => {
    const from = sections.findIndex((s) => s.id === id);
    if (from >= 0 && to >= 0 && to < sections.length && from !== to) onChange(arrayMove(sections, from, to));
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over)
      move(
        String(active.id),
        sections.findIndex((s) => s.id === over.id),
      );
  };
  const add = (kind: KindView) => {
    const id = `${kind.key}-${Date.now().toString(36)}`;
    const section: SectionView = { id, kind: kind.key, label: kind.label, summary: '', settings: { ...kind.defaults } };
    const foot = sections.findIndex((s) => s.kind === 'foot');
    onChange(foot >= 0 && kind.key !== 'foot' ? [...sections.slice(0, foot), section, ...sections.slice(foot)] : [...sections, section]);
    onAt(id);
  };
  return (
    <>
      <DndContext sensors={sensors} onDragEnd={onDragEnd}>
        <SortableContext items={sections.map((s) => s.id)} strategy={verticalListSortingStrategy}>
          <ol>
            {sections.map((s, n) => (
              <Row
                key={s.id}
                section={s}
                on={s.id === at}
                onChoose={() => {
                  onAt(s.id);
                }}
                onMove={(by) => {
                  move(s.id, n + by);
                }}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>
          <Button className="mt-4">Add a section</Button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="start"
            sideOffset={4}
            className="z-30 min-w-44 rounded-lg border border-line bg-sheet p-1.5 shadow-lg shadow-black/10"
          >
            {kinds.map((k) => (
              <DropdownMenu.Item
                key={k.key}
                onSelect={() => {
                  add(k);
                }}
                className="cursor-pointer rounded px-3 py-1.5 outline-none data-highlighted:bg-shade"
              >
                {k.label}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <p className="mt-5 text-[12.5px] text-mute">
        <kbd className="rounded border border-line px-1">Alt</kbd> <kbd className="rounded border border-line px-1">↑</kbd>{' '}
        <kbd className="rounded border border-line px-1">↓</kbd> moves the one in hand
      </p>
    </>
  );
}

function Row({ section, on, onChoose, onMove }: { section: SectionView; on: boolean; onChoose: () => void; onMove: (by: number) => void }) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({ id: section.id });
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={clsx('flex items-center border-b border-line', on ? 'border-l-[3px] border-l-you bg-you-soft' : 'hover:bg-paper')}
      data-section={section.kind}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        aria-label={`Move ${section.label}`}
        className="cursor-grab px-1.5 py-3 text-rule"
      >
        <DotsSixVerticalIcon size={17} weight="bold" aria-hidden />
      </button>
      <button
        type="button"
        onClick={onChoose}
        aria-pressed={on}
        className="min-w-0 flex-1 py-2 text-left"
        onKeyDown={(e) => {
          if (e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
            e.preventDefault();
            onMove(e.key === 'ArrowUp' ? -1 : 1);
          }
        }}
      >
        <span className={clsx('block', on && 'font-semibold')}>{section.label}</span>
        <span className="block truncate text-[12.5px] text-mute">{section.summary}</span>
      </button>
    </li>
  );
}
