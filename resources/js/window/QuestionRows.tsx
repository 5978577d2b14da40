import { useState } from 'react';
import type { AskedView } from '@/types';
import { Button } from '@/ui/Button';

/** Questions with their answers; those without an answer aren't shown to shoppers. */
export function QuestionRows({
  asked,
  onSay,
}: {
  asked: AskedView[];
  onSay: (asked: AskedView[]) => Promise<boolean>;
}) {
  const [rows, setRows] = useState(asked);
  const put = (n: number, row: Partial<AskedView>) => setRows(rows.map((r, i) => (i === n ? { ...r, ...row } : r)));
  const save = () => {
    if (JSON.stringify(rows) !== JSON.stringify(asked)) void onSay(rows);
  };
  return (
    <div className="mt-6" role="group" aria-label="Questions">
      {rows.map((row, n) => (
        <div key={n} className="border-t border-line py-3" onBlur={save}>
          <div className="flex items-baseline gap-4">
            <input
              aria-label={`Question ${String(n + 1)}`}
              value={row.ask}
              maxLength={160}
              placeholder="What do they ask?"
              onChange={(e) => put(n, { ask: e.target.value })}
              className="name w-full border-b border-transparent bg-transparent text-[17px] hover:border-rule/40 focus:border-you"
            />
            <Button
              kind="quiet"
              small
              onClick={() => {
                const left = rows.filter((_, i) => i !== n);
                setRows(left);
                void onSay(left);
              }}
            >
              Take it out
            </Button>
          </div>
          <textarea
            aria-label={`Answer ${String(n + 1)}`}
            value={row.answer}
            rows={2}
            maxLength={2000}
            placeholder="Your answer"
            onChange={(e) => put(n, { answer: e.target.value })}
            className="mt-1 w-full border-b border-transparent bg-transparent hover:border-rule/40 focus:border-you"
          />
        </div>
      ))}
      <Button small onClick={() => setRows([...rows, { ask: '', answer: '' }])}>
        Another question
      </Button>
    </div>
  );
}
