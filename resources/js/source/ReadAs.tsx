import { router } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import type { TableReadingView } from '@/types/source';

const same = (value: string) => ({ value, words: value });
const DELIMITERS = ['semicolons', 'commas', 'tabs', 'bars', 'tildes', 'carets'].map(same);
const ENCODINGS = ['UTF-8', 'Windows-1252'].map(same);
const HEADS = [
  ...Array.from({ length: 20 }, (_, n) => ({ value: String(n + 1), words: `row ${String(n + 1)}` })),
  { value: '0', words: 'no row: they have no names' },
];

/** How a table is read, as a sentence: what the file shows, until a person says otherwise. */
export function ReadAs({ connection, reading }: { connection: number; reading: TableReadingView | null }) {
  const handle = useHandle();
  const now = reading ?? { delimiter: '', encoding: '', head: '' };
  const blank = (key: keyof TableReadingView, label: string, choices: { value: string; words: string }[]) => (
    <select
      aria-label={label}
      value={choices.some((c) => c.value === now[key]) ? now[key] : ''}
      onChange={(e) =>
        router.put(route('source.mapping.part', [handle, connection]), { ...now, [key]: e.target.value })
      }
      className="field-sizing-content border-b border-rule bg-transparent font-medium text-ink"
    >
      {!choices.some((c) => c.value === now[key]) && <option value="">{now[key] || 'what it shows'}</option>}
      {choices.map((c) => (
        <option key={c.value} value={c.value}>
          {c.words}
        </option>
      ))}
    </select>
  );
  return (
    <span data-read-as>
      Its cells are parted by {blank('delimiter', 'What parts the cells', DELIMITERS)}, its letters are{' '}
      {blank('encoding', 'How its letters are written', ENCODINGS)}, and its columns are named in{' '}
      {blank('head', 'Where the columns are named', HEADS)}.
    </span>
  );
}
