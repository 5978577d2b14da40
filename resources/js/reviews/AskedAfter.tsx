import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useGiven } from '@/lib/useGiven';
import { useHandle } from '@/lib/useStall';
import type { ReviewsView } from '@/types/reviews';

const DAYS = [3, 7, 14, 30];

/** How long after it was there buyers are asked. */
export function AskedAfter({ days: given }: { days: number | null }) {
  const handle = useHandle();
  const [days, setDays] = useGiven(given);
  const say = (after: number | null) =>
    void send<ReviewsView>('PUT', route('reviews.say', handle), { after })
      .then((now) => {
        setDays(now.after);
      })
      .catch(sayTrouble);
  const offered = [...new Set([...DAYS, ...(days === null ? [] : [days])])].sort((a, b) => a - b);
  return (
    <label className="ml-auto text-mute">
      Buyers are asked{' '}
      <select
        aria-label="When buyers are asked"
        value={days ?? ''}
        onChange={(e) => {
          say(e.target.value === '' ? null : Number(e.target.value));
        }}
        className="field-sizing-content border-b border-rule/40 bg-transparent font-medium text-ink"
      >
        {offered.map((n) => (
          <option key={n} value={n}>
            {n} days after it was there
          </option>
        ))}
        <option value="">never</option>
      </select>
    </label>
  );
}
