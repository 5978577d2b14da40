import { Tick } from '@/ui/Tick';
import type { Selection } from '@/ui/useSelection';

interface Props {
  selection: Selection;
  label?: string;
  /** Rows of a part of the page; all when left out. */
  ids?: number[];
}

/** Chooses every row of a page, or none once all are chosen. */
export function TickAll({ selection, ids, label = 'Choose all' }: Props) {
  const every = selection.every(ids);
  return <Tick label={label} checked={every} onToggle={() => selection.all(!every, ids)} />;
}
