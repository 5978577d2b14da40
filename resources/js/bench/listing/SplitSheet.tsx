import { count } from '@/lib/plural';
import {
  DndContext,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { router } from '@inertiajs/react';
import { DotsSixVerticalIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import { useEffect, useState } from 'react';
import { useUndo } from '@/bench/useUndo';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { SplitDoneView, SplitPartView, SplitVariantView, SplitView } from '@/types/bench';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';

/**
 * Splits one listing into several: the program proposes the parts, variants are dragged from one to another, each gets
 * a name.
 */
export function SplitSheet({ listing, open, onClose }: { listing: number; open: boolean; onClose: () => void }) {
  const handle = useHandle();
  const undo = useUndo(() => router.visit(route('bench.listing', [handle, listing])));
  const [parts, setParts] = useState<SplitPartView[] | null>(null);
  const { busy, during } = useSend();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));

  useEffect(() => {
    setParts(null);
    if (!open) return;
    send<SplitView>('GET', route('bench.parts', [handle, listing]))
      .then((s) => setParts(s.parts))
      .catch(sayTrouble);
  }, [open, handle, listing]);

  const move = (variant: number, to: number) => {
    setParts((now) => {
      const moved = now?.flatMap((p) => p.variants).find((v) => v.id === variant);
      if (!now || !moved) return now;
      return now.map((p, n) => ({
        ...p,
        variants:
          n === to
            ? [...p.variants.filter((v) => v.id !== variant), moved]
            : p.variants.filter((v) => v.id !== variant),
      }));
    });
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over) move(Number(active.id), Number(over.id));
  };
  const filled = parts?.filter((p) => p.variants.length > 0) ?? [];
  const split = () => {
    void during(
      send<SplitDoneView>('POST', route('bench.split', [handle, listing]), {
        groups: filled.map((p) => ({ name: p.name, variants: p.variants.map((v) => v.id) })),
      }).then((answer) => {
        undo(answer.change, `Split into ${String(answer.listings.length)} listings.`);
        router.visit(route('bench', handle));
      }),
    );
  };
  return (
    <Sheet
      open={open}
      wide
      title="Split it into several listings"
      onClose={onClose}
      foot={
        <>
          <Button kind="do" disabled={busy || filled.length < 2} onClick={split}>
            Split into {Math.max(filled.length, 1)} listings
          </Button>
          <Button onClick={() => setParts((now) => [...(now ?? []), { name: '', variants: [] }])}>Another part</Button>
          <span className="text-mute">Each keeps its link to the supplier.</span>
        </>
      }
    >
      <p className="mb-4 text-mute">
        Proposed by what the variants are called, their pictures, costs and weights. Drag a variant to where it belongs;
        the first part stays this listing.
      </p>
      <DndContext sensors={sensors} onDragEnd={onDragEnd}>
        <ol className="space-y-3">
          {parts?.map((p, n) => (
            <Part
              key={n}
              n={n}
              part={p}
              parts={parts}
              onMove={move}
              onName={(name) => setParts(parts.map((o, at) => (at === n ? { ...o, name } : o)))}
            />
          ))}
        </ol>
      </DndContext>
    </Sheet>
  );
}

interface PartProps {
  n: number;
  part: SplitPartView;
  parts: SplitPartView[];
  onMove: (variant: number, to: number) => void;
  onName: (name: string) => void;
}

function Part({ n, part, parts, onMove, onName }: PartProps) {
  const { setNodeRef, isOver } = useDroppable({ id: n });
  return (
    <li
      ref={setNodeRef}
      data-part={n}
      className={clsx('rounded-lg border px-4 py-3', isOver ? 'border-you bg-you-soft' : 'border-line bg-paper')}
    >
      <label className="flex items-baseline gap-2">
        <span className="text-[12.5px] text-mute">{n === 0 ? 'Stays here as' : 'Becomes'}</span>
        <input
          aria-label={`Title of part ${String(n + 1)}`}
          value={part.name}
          placeholder="Give it a title"
          onChange={(e) => onName(e.target.value)}
          className={clsx(
            'flex-1 border-b-[1.5px] border-line bg-transparent py-0.5 text-[16px] font-semibold',
            ' focus:border-you',
          )}
        />
        <span className="text-mute">{count(part.variants.length, 'variant')}</span>
      </label>
      <ul className="mt-2 flex min-h-9 flex-wrap gap-2">
        {part.variants.map((v) => (
          <Chip key={v.id} variant={v} at={n} parts={parts} onMove={onMove} />
        ))}
      </ul>
    </li>
  );
}

function Chip({
  variant,
  at,
  parts,
  onMove,
}: {
  variant: SplitVariantView;
  at: number;
  parts: SplitPartView[];
  onMove: PartProps['onMove'];
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: variant.id });
  return (
    <li
      ref={setNodeRef}
      style={transform ? { transform: `translate(${String(transform.x)}px, ${String(transform.y)}px)` } : undefined}
      className={clsx(
        'flex items-center gap-1.5 rounded-md border border-line bg-sheet py-1 pr-2 pl-1',
        isDragging && 'relative z-10 shadow-lg',
      )}
      data-chip={variant.label}
    >
      <span {...attributes} {...listeners} aria-label={`Drag ${variant.label}`} className="cursor-grab text-rule">
        <DotsSixVerticalIcon size={16} weight="bold" />
      </span>
      {variant.picture && (
        <img src={variant.picture} alt="" draggable={false} className="size-7 rounded object-cover" />
      )}
      <span className="text-[13px]">
        {variant.label} <span className="text-mute">{variant.landed}</span>
      </span>
      <select
        aria-label={`Move ${variant.label} to`}
        value={at}
        onChange={(e) => onMove(variant.id, Number(e.target.value))}
        className="w-4 cursor-pointer bg-transparent text-[12px] text-mute"
      >
        {parts.map((p, n) => (
          <option key={n} value={n}>
            {p.name || `Part ${String(n + 1)}`}
          </option>
        ))}
      </select>
    </li>
  );
}
