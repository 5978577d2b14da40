import { clsx } from 'clsx';
import { DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import {
  SortableContext,
  arrayMove,
  horizontalListSortingStrategy,
  sortableKeyboardCoordinates,
  useSortable,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { PlusIcon, XIcon } from '@phosphor-icons/react';
import { useRef, useState } from 'react';
import type { ListingView, PictureView } from '@/types/bench';

interface Props {
  listing: ListingView;
  onOrder: (ids: number[]) => Promise<boolean>;
  onUpload: (form: FormData) => Promise<boolean>;
  onLook: (picture: PictureView) => void;
}

/** The pictures shoppers see, in order; those left out wait behind a line. */
export function PictureTray({ listing, onOrder, onUpload, onLook }: Props) {
  const [uploading, setUploading] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = listing.pictures.shown.map((p) => p.id);

  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id)
      void onOrder(arrayMove(ids, ids.indexOf(Number(active.id)), ids.indexOf(Number(over.id))));
  };
  const upload = (chosen: File | undefined) => {
    if (!chosen) return;
    const form = new FormData();
    form.append('picture', chosen);
    setUploading(true);
    void onUpload(form).finally(() => {
      setUploading(false);
      if (file.current) file.current.value = '';
    });
  };
  const spare = listing.pictures.spare.filter((p) => p.state === 'ready');
  const refused = listing.pictures.spare.filter((p) => p.uploaded && p.trouble !== null);

  return (
    <div className="flex flex-wrap items-center gap-2">
      <DndContext sensors={sensors} onDragEnd={onDragEnd}>
        <SortableContext items={ids} strategy={horizontalListSortingStrategy}>
          {listing.pictures.shown.map((p, n) => (
            <Shown
              key={p.id}
              picture={p}
              n={n}
              onLook={() => onLook(p)}
              onLeaveOut={() => void onOrder(ids.filter((id) => id !== p.id))}
            />
          ))}
        </SortableContext>
      </DndContext>
      {listing.pictures.shown.length === 0 && (
        <span className="text-mute">
          {listing.pictures.waiting > 0 ? 'Being fetched from the supplier…' : 'None is shown.'}
        </span>
      )}
      <button
        type="button"
        disabled={uploading}
        onClick={() => file.current?.click()}
        className="grid size-14 place-items-center rounded-md border border-dashed border-rule text-mute hover:text-ink"
        aria-label="Add a picture of your own"
        title="JPEG, PNG or WebP, up to 12 MB"
      >
        {uploading ? '…' : <PlusIcon size={18} />}
      </button>
      <input
        ref={file}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        className="sr-only"
        tabIndex={-1}
        aria-label="Picture file"
        data-upload
        onChange={(e) => {
          upload(e.target.files?.[0]);
        }}
      />
      {spare.length > 0 && <span className="mx-1 h-12 border-l border-line" aria-hidden />}
      {spare.map(
        (p) =>
          p.url && (
            <button
              key={p.id}
              type="button"
              onClick={() => void onOrder([...ids, p.id])}
              className="relative size-11 overflow-hidden rounded-md border border-line opacity-60 hover:opacity-100"
              aria-label="Show this picture too"
            >
              <img src={p.url} alt="" className="size-full object-cover" />
            </button>
          ),
      )}
      {refused.map((p) => (
        <p key={p.id} role="alert" className="w-full text-[13px] font-medium text-you" data-refused>
          A picture you sent isn’t shown. {p.trouble}
        </p>
      ))}
    </div>
  );
}

function Shown({
  picture,
  n,
  onLook,
  onLeaveOut,
}: {
  picture: PictureView;
  n: number;
  onLook: () => void;
  onLeaveOut: () => void;
}) {
  const { attributes: dragged, listeners, setNodeRef, transform, transition } = useSortable({ id: picture.id });
  const { role, ...attributes } = dragged;
  return (
    <div
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className="group relative size-14"
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`Picture ${String(n + 1)}${n === 0 ? ', leads' : ''}; press space to move it`}
        onDoubleClick={onLook}
        className={`size-full overflow-hidden rounded-md border ${n === 0 ? 'border-you ring-1 ring-you' : 'border-line'}`}
      >
        {picture.url ? (
          <img src={picture.url} alt="" draggable={false} className="size-full object-cover" />
        ) : (
          <span className="grid size-full place-items-center bg-shade text-mute">…</span>
        )}
      </button>
      {picture.url && (
        <button
          type="button"
          onClick={onLook}
          aria-label={`${picture.notes.length > 0 ? '!' : picture.alt ? 'crop' : 'alt?'} Crop and describe picture ${String(n + 1)}`}
          title={picture.notes.join(' ') || (picture.alt ? picture.alt : 'Crop it, say what it shows')}
          className={`absolute -bottom-1.5 left-1/2 -translate-x-1/2 rounded-full px-1.5 py-px text-[10.5px] leading-4 font-semibold ${
            picture.notes.length > 0
              ? 'bg-ochre text-sheet'
              : picture.alt
                ? 'bg-sheet text-ink ring-1 ring-line'
                : 'bg-sheet text-mute ring-1 ring-line'
          }`}
        >
          {picture.notes.length > 0 ? '!' : picture.alt ? 'crop' : 'alt?'}
        </button>
      )}
      <button
        type="button"
        onClick={onLeaveOut}
        aria-label={`Leave picture ${String(n + 1)} out`}
        className={clsx(
          'absolute -top-1.5 -right-1.5 grid size-5 place-items-center rounded-full bg-till text-sheet',
          'opacity-0 group-hover:opacity-100 focus:opacity-100',
        )}
      >
        <XIcon size={11} weight="bold" />
      </button>
    </div>
  );
}
