import { useState } from 'react';
import { Button } from '@/ui/Button';
import { ClosesPopup, Popup } from '@/ui/Popup';

export interface Bulk {
  do: string;
  value?: string;
  ending?: string;
  toward?: string;
}

const WAYS = [
  { do: 'factor', name: 'times', after: '', example: '1.05' },
  { do: 'add', name: 'plus', after: '', example: '0.50' },
  { do: 'margin', name: 'for a margin of', after: '%', example: '30' },
  { do: 'ending', name: 'only to an ending', after: '', example: '' },
] as const;

/** One change to all that is chosen: times, plus, for a margin, to an ending; or back to their recipes. */
export function BulkPrices({ onSet }: { onSet: (bulk: Bulk) => void }) {
  const [way, setWay] = useState<(typeof WAYS)[number]['do']>('factor');
  // What a way begins with is set, not only shown.
  const [value, setValue] = useState<string>(WAYS[0].example);
  const [ending, setEnding] = useState('');
  const chosen = WAYS.find((w) => w.do === way) ?? WAYS[0];
  const line = 'border-b-[1.5px] border-rule bg-transparent py-1 text-[15px] font-medium text-ink focus:border-you';
  return (
    <>
      <Button className="text-ink" onClick={() => onSet({ do: 'knowingly', value: 'yes' })}>
        Sell under the floor
      </Button>
      <Button className="text-ink" onClick={() => onSet({ do: 'recipe' })}>
        Back to the recipe
      </Button>
      <Popup side="top" width={340} trigger={<Button className="text-ink">Change prices…</Button>}>
        <div className="flex items-baseline gap-2">
          <select
            aria-label="How to change them"
            value={way}
            onChange={(e) => {
              const next = WAYS.find((w) => w.do === e.target.value) ?? WAYS[0];
              setWay(next.do);
              setValue(next.example);
            }}
            className={line}
          >
            {WAYS.map((w) => (
              <option key={w.do} value={w.do}>
                {w.name}
              </option>
            ))}
          </select>
          {way !== 'ending' && (
            <input
              aria-label="By how much"
              value={value}
              inputMode="decimal"
              onChange={(e) => setValue(e.target.value)}
              className={`${line} w-20`}
            />
          )}
          <span className="text-mute">{chosen.after}</span>
        </div>
        <label className="mt-3 flex items-baseline gap-2 text-mute">
          then up to end in
          <input
            aria-label="Ending"
            value={ending}
            placeholder={way === 'ending' ? '' : 'as it comes'}
            inputMode="decimal"
            onChange={(e) => setEnding(e.target.value)}
            className={`${line} w-24`}
          />
        </label>
        <p className="mt-3 text-[12.5px] text-mute">
          They are priced by hand from then on and stay so until you give them back.
        </p>
        <div className="mt-3 text-right">
          <ClosesPopup>
            <Button
              kind="do"
              small
              disabled={way === 'ending' ? ending === '' : value === ''}
              onClick={() => onSet({ do: way, value, ending })}
            >
              Change them
            </Button>
          </ClosesPopup>
        </div>
      </Popup>
    </>
  );
}
