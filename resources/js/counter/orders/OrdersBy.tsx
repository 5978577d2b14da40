import { type By } from '@/counter/orders/by';
import { Searches } from '@/counter/orders/Searches';
import { ChoiceField } from '@/ui/ChoiceField';
import { TextField } from '@/ui/TextField';

interface Props {
  by: By;
  stands: Record<string, string>;
  ask: (change: Partial<By>) => void;
  searches: { id: number; name: string; query: string }[];
  out: (as: string, only: number[]) => string;
}

/** What orders are narrowed by, searches that are kept, and all of it as a file. */
export function OrdersBy({ by, stands, ask, searches, out }: Props) {
  return (
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2 px-6 pb-3 max-md:px-4">
      <ChoiceField
        label="Which"
        value={by.stands}
        choices={[{ value: '', label: 'all' }, ...Object.entries(stands).map(([value, label]) => ({ value, label }))]}
        onChange={(e) => {
          ask({ stands: e.target.value });
        }}
      />
      {(['from', 'to'] as const).map((end) => (
        <TextField
          key={end}
          label={end === 'from' ? 'Paid from' : 'to'}
          type="date"
          value={by[end]}
          onChange={(e) => {
            ask({ [end]: e.target.value });
          }}
        />
      ))}
      <Searches searches={searches} by={by} />
      <span className="ml-auto text-mute">
        Out as{' '}
        <a href={out('csv', [])} className="underline underline-offset-4">
          CSV
        </a>{' '}
        or{' '}
        <a href={out('json', [])} className="underline underline-offset-4">
          JSON
        </a>
      </span>
    </div>
  );
}
