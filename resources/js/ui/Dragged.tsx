import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { SortableContext, arrayMove, sortableKeyboardCoordinates, type SortingStrategy } from '@dnd-kit/sortable';
import type { ReactNode } from 'react';

interface Props {
  /** What can be put in another order, by numbers of its own. */
  ids: number[];
  strategy: SortingStrategy;
  onOrder: (ids: number[]) => void;
  children: ReactNode;
}

/** Things put in another order by dragging them, or by keys: space takes hold, arrows move, space lets go. */
export function Dragged({ ids, strategy, onOrder, children }: Props) {
  const sensors = useSensors(
    // A press that hardly moves is a press.
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const moved = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) {
      onOrder(arrayMove(ids, ids.indexOf(Number(active.id)), ids.indexOf(Number(over.id))));
    }
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved}>
      <SortableContext items={ids} strategy={strategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}
