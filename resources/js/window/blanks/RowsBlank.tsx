import { ArrowUpIcon, XIcon } from '@phosphor-icons/react';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { Popup } from '@/ui/Popup';
import { Blank, type BlankProps } from '@/window/blanks/Blank';
import { BLANK } from '@/ui/blank';

type Row = Record<string, unknown>;

const said = (row: Row): string =>
  Object.values(row)
    .find((v): v is string => typeof v === 'string' && v !== '')
    ?.replace(/^(tag|goods|at):/, '') ?? '';

/** Several of a kind, such as the ways of a menu: each a line of its own, in the order they stand. */
export function RowsBlank(props: BlankProps) {
  const { field, value, onSay } = props;
  const [open, setOpen] = useState(false);
  const rows = Array.isArray(value) ? (value as Row[]) : [];
  const words = rows.map(said).filter((w) => w !== '');
  const text =
    words.length === 0 ? (rows.length === 0 ? 'nothing yet' : `${String(rows.length)} of them`) : words.join(', ');
  const put = (n: number, name: string, cell: unknown) => {
    onSay(rows.map((row, i) => (i === n ? { ...row, [name]: cell } : row)));
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
      <ol className="max-h-[50vh] space-y-2 overflow-auto" aria-label={field.label}>
        {rows.map((row, n) => (
          <li key={n} className="flex items-start gap-3 border-b border-line pb-2">
            <div className="min-w-0 flex-1 space-x-3 leading-[2]">
              {field.each.map((each) => (
                <Blank
                  key={each.name}
                  {...props}
                  field={{ ...each, label: `${each.label} ${String(n + 1)}` }}
                  value={row[each.name] ?? each.begin}
                  onSay={(cell) => {
                    put(n, each.name, cell);
                  }}
                />
              ))}
            </div>
            <button
              type="button"
              aria-label={`Move ${String(n + 1)} up`}
              disabled={n === 0}
              className="mt-1 text-mute hover:text-ink disabled:opacity-30"
              onClick={() => {
                onSay(rows.map((r, i) => (i === n - 1 ? row : i === n ? (rows[n - 1] ?? r) : r)));
              }}
            >
              <ArrowUpIcon size={15} />
            </button>
            <button
              type="button"
              aria-label={`Take ${String(n + 1)} out`}
              className="mt-1 text-mute hover:text-ink"
              onClick={() => {
                onSay(rows.filter((_, i) => i !== n));
              }}
            >
              <XIcon size={15} />
            </button>
          </li>
        ))}
      </ol>
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
