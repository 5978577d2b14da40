import { useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { DotsSixVerticalIcon, XIcon } from '@phosphor-icons/react';
import { useState, type ComponentType } from 'react';
import type { ReachView } from '@/types/window';
import { Button } from '@/ui/Button';
import { Dragged } from '@/ui/Dragged';
import { Popup } from '@/ui/Popup';
import type { BlankProps } from '@/window/blanks/props';
import { wayWords } from '@/window/blanks/WayBlank';
import { BLANK } from '@/ui/blank';

type Row = Record<string, unknown>;

/** What a row is called: its own words, or the name of what it leads to; never the code of it. */
function said(row: Row, reach: ReachView): string {
  const own = Object.entries(row).find(
    ([name, v]) => name !== 'leads' && typeof v === 'string' && v !== '' && v !== 'no',
  );
  if (typeof row.words === 'string' && row.words !== '') return row.words;
  if (typeof row.leads === 'string' && row.leads !== '')
    return wayWords(row.leads, reach).replace(/^the (page|shelf) /, '');
  return typeof own?.[1] === 'string' ? own[1] : '';
}

interface RowsProps extends BlankProps {
  /** How a part of a row is edited. */
  Part: ComponentType<BlankProps>;
}

/** Several of a kind, such as the ways of a menu: each a line of its own, in the order they stand. */
export function RowsBlank(props: RowsProps) {
  const { field, value, onSay } = props;
  const [open, setOpen] = useState(false);
  const rows = Array.isArray(value) ? (value as Row[]) : [];
  const words = rows.map((row) => said(row, props.reach)).filter((w) => w !== '');
  const text =
    words.length === 0 ? (rows.length === 0 ? 'none yet' : `${String(rows.length)} of them`) : words.join(', ');
  const put = (n: number, name: string, cell: unknown) => {
    onSay(rows.map((row, i) => (i === n ? { ...row, [name]: cell } : row)));
  };
  const ids = rows.map((_, n) => n + 1);
  const order = (next: number[]) => {
    onSay(next.flatMap((id) => rows[id - 1] ?? []));
  };
  return (
    <Popup
      open={open}
      onOpen={setOpen}
      width={520}
      align="start"
      trigger={
        <button type="button" aria-label={`${field.label}: ${text}`} className={`${BLANK} max-w-full text-left`}>
          {text.length > 90 ? `${text.slice(0, 90)}…` : text}
        </button>
      }
    >
      <Dragged ids={ids} strategy={verticalListSortingStrategy} onOrder={order}>
        <ol className="max-h-[50vh] space-y-2 overflow-auto" aria-label={field.label}>
          {rows.map((row, n) => (
            <OneRow
              key={n}
              row={row}
              n={n}
              blank={props}
              onPut={put}
              onTake={() => {
                onSay(rows.filter((_, i) => i !== n));
              }}
            />
          ))}
        </ol>
      </Dragged>
      {rows.length < field.most && (
        <Button
          small
          className="mt-3"
          onClick={() => {
            onSay([...rows, Object.fromEntries(field.each.map((each) => [each.name, each.begin]))]);
          }}
        >
          One more
        </Button>
      )}
    </Popup>
  );
}

function OneRow({
  row,
  n,
  blank,
  onPut,
  onTake,
}: {
  row: Row;
  n: number;
  blank: RowsProps;
  onPut: (n: number, name: string, cell: unknown) => void;
  onTake: () => void;
}) {
  const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: n + 1 });
  const { role, ...held } = attributes;
  const { Part } = blank;
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={`flex items-start gap-3 border-b border-line bg-sheet pb-2 ${row.under === 'yes' ? 'pl-6' : ''}`}
    >
      <button
        type="button"
        aria-label={`Move ${String(n + 1)}`}
        title="Drag it, or take hold with space and move it with the arrows"
        className="mt-1 cursor-grab text-mute hover:text-ink"
        {...held}
        {...listeners}
      >
        <DotsSixVerticalIcon size={16} weight="bold" />
      </button>
      <div className="min-w-0 flex-1 space-x-3 leading-[2]">
        {blank.field.each.map((each) => (
          <Part
            key={each.name}
            {...blank}
            field={{ ...each, label: `${each.label} ${String(n + 1)}` }}
            value={row[each.name] ?? each.begin}
            onSay={(cell) => {
              onPut(n, each.name, cell);
            }}
          />
        ))}
      </div>
      <button
        type="button"
        aria-label={`Take ${String(n + 1)} out`}
        className="mt-1 text-mute hover:text-ink"
        onClick={onTake}
      >
        <XIcon size={15} />
      </button>
    </li>
  );
}
