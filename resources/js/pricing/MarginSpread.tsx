import { clsx } from 'clsx';

/**
 * How many variants keep which margin; what lies under the floor is marked. A picture of the sentence that stands
 * beside it.
 */
export function MarginSpread({
  spread,
  floor,
  words,
  height = 44,
}: {
  spread: number[];
  floor: number | null;
  words: string;
  height?: number;
}) {
  const most = Math.max(1, ...spread);
  return (
    <div role="img" aria-label={words} className="flex items-end gap-px" style={{ height }} data-spread>
      {spread.map((n, band) => (
        <span
          key={band}
          className={clsx(
            'w-2.5 rounded-t-[2px]',
            n === 0 ? 'bg-line' : (floor !== null && band < floor) || band === 0 ? 'bg-you' : 'bg-[#f0b45a]',
          )}
          style={{ height: `${String(n === 0 ? 3 : Math.max(8, (n / most) * 100))}%`, minHeight: 2 }}
        />
      ))}
    </div>
  );
}
