import { COLUMNS, type Field } from '@/bench/grid/columns';
import { FindReplace } from '@/bench/grid/FindReplace';
import { TagsForMany } from '@/bench/grid/TagsForMany';
import { TypeForMany } from '@/bench/grid/TypeForMany';
import { plural } from '@/lib/plural';
import { Button } from '@/ui/Button';
import { SelectionBar } from '@/ui/SelectionBar';
import type { Selection } from '@/ui/useSelection';

interface Props {
  selection: Selection;
  ask: (url: string, body: unknown) => Promise<boolean>;
  handle: string;
  tags: string[];
  types: string[];
  write: (cells: { listing: number; field: Field; value: string }[]) => Promise<boolean>;
  remove: (listings: number[], onDone: () => void) => void;
}

/** What can be done to the rows that are chosen. */
export function GridBar({ selection, ask, handle, tags, types, write, remove }: Props) {
  return (
    <SelectionBar
      count={selection.chosen.length}
      what={plural(selection.chosen.length, 'listing chosen', 'listings chosen')}
      onClear={selection.clear}
    >
      <FindReplace
        columns={COLUMNS}
        onReplace={(field, find, instead) =>
          ask(route('bench.replace', handle), { listings: selection.chosen, field, find, with: instead })
        }
      />
      <TagsForMany
        known={tags}
        onTags={(add, remove) => ask(route('bench.tags', handle), { listings: selection.chosen, add, remove })}
      />
      <TypeForMany
        known={types}
        onType={(value) => write(selection.chosen.map((listing) => ({ listing, field: 'type', value })))}
      />
      <Button className="text-ink" onClick={() => remove(selection.chosen, selection.clear)}>
        Delete
      </Button>
    </SelectionBar>
  );
}
