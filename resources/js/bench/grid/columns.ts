import type { GridRowView } from '@/types/bench';

/** What of a listing can be typed in the grid. */
export type Field = 'title' | 'type' | 'tags' | 'maker' | 'notes';

export const COLUMNS: { key: Field; name: string; width: string }[] = [
  { key: 'title', name: 'Title', width: 'w-[30%]' },
  { key: 'type', name: 'Type', width: 'w-[14%]' },
  { key: 'tags', name: 'Tags', width: 'w-[18%]' },
  { key: 'maker', name: 'Maker', width: 'w-[14%]' },
  { key: 'notes', name: 'Notes', width: 'w-[16%]' },
];

/** What stands in a cell. */
export function text(row: GridRowView, field: Field): string {
  return field === 'tags' ? row.tags.join(', ') : row[field];
}
