const WIDTH = 90;
const HEIGHT = 22;

/** How a figure went in the course of time; the same in words for whoever doesn't see it. */
export function Sparkline({ points, words, bad }: { points: number[]; words: string; bad: boolean }) {
  if (points.length < 2) return <span />;
  const [least, most] = [Math.min(...points), Math.max(...points)];
  const x = (n: number) => (n / points.length) * (WIDTH - 2) + 1;
  const y = (value: number) => HEIGHT - 3 - ((value - least) / Math.max(1, most - least)) * (HEIGHT - 6);
  // A figure stands until the next was said: steps, not slopes.
  const steps = points.map((value, n) =>
    n === 0 ? `M${String(x(0))} ${String(y(value))}` : `H${String(x(n))}V${String(y(value))}`,
  );
  const path = `${steps.join('')}H${String(WIDTH - 1)}`;
  return (
    <svg width={WIDTH} height={HEIGHT} role="img" aria-label={words} className={bad ? 'text-loss' : 'text-sup'}>
      <title>{words}</title>
      <path d={path} fill="none" stroke="currentColor" strokeWidth="1.6" />
    </svg>
  );
}
