import { useMemo, useRef, useState } from 'react';
import type { CurveMarkView, CurvePointView } from '@/types/pricing';

interface Props {
  points: CurvePointView[];
  marks: CurveMarkView[];
  at: number;
  onDrag: (point: CurvePointView) => void;
  onDrop: (point: CurvePointView) => void;
}

const WIDTH = 760;
const HEIGHT = 250;
const PAD = { left: 16, right: 16, top: 34, bottom: 46 };

/**
 * What is kept at each price. The price now is a handle: drag it, or move it with the arrow keys, from one worked-out
 * point to the next.
 */
export function KeepCurve({ points, marks, at, onDrag, onDrop }: Props) {
  const box = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<number | null>(null);
  // Moves come quicker than the picture is drawn again: what the hand holds is kept beside it.
  const hand = useRef<number | null>(null);
  const hold = (n: number | null): void => {
    hand.current = n;
    setHeld(n);
  };
  const scale = useMemo(() => {
    const prices = points.map((p) => p.price);
    const keeps = points.map((p) => p.keep);
    const [low, high] = [Math.min(...prices), Math.max(...prices)];
    const [least, most] = [Math.min(0, ...keeps), Math.max(1, ...keeps)];
    return {
      x: (price: number) => PAD.left + ((price - low) / Math.max(1, high - low)) * (WIDTH - PAD.left - PAD.right),
      y: (keep: number) =>
        HEIGHT - PAD.bottom - ((keep - least) / Math.max(1, most - least)) * (HEIGHT - PAD.top - PAD.bottom),
    };
  }, [points]);
  const nearest = (price: number): number =>
    points.reduce(
      (best, p, n) => (Math.abs(p.price - price) < Math.abs((points[best]?.price ?? 0) - price) ? n : best),
      0,
    );
  const index = held ?? nearest(at);
  const point = points[index];
  if (!point) return null;
  const path = points
    .map((p, n) => `${n === 0 ? 'M' : 'L'}${scale.x(p.price).toFixed(1)} ${scale.y(p.keep).toFixed(1)}`)
    .join(' ');
  const zero = scale.y(0);
  const toPoint = (clientX: number): number => {
    const rect = box.current?.getBoundingClientRect();
    if (!rect) return index;
    const x = ((clientX - rect.left) / rect.width) * WIDTH;
    return points.reduce(
      (best, p, n) => (Math.abs(scale.x(p.price) - x) < Math.abs(scale.x(points[best]?.price ?? 0) - x) ? n : best),
      0,
    );
  };
  const move = (n: number): void => {
    const next = points[Math.max(0, Math.min(points.length - 1, n))];
    if (!next) return;
    hold(points.indexOf(next));
    onDrag(next);
  };
  const drop = (): void => {
    if (hand.current === null) return;
    const last = points[hand.current];
    hold(null);
    if (last) onDrop(last);
  };
  const known = marks.filter((m) => m.kind !== 'price').sort((a, b) => a.price - b.price);

  return (
    <svg
      ref={box}
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      className="w-full touch-none select-none"
      data-curve
    >
      <rect
        x={PAD.left}
        y={PAD.top}
        width={WIDTH - PAD.left - PAD.right}
        height={Math.max(0, zero - PAD.top)}
        fill="var(--color-see-soft)"
        opacity={0.5}
      />
      <rect
        x={PAD.left}
        y={zero}
        width={WIDTH - PAD.left - PAD.right}
        height={HEIGHT - PAD.bottom - zero}
        fill="var(--color-you-soft)"
        opacity={0.7}
      />
      <line x1={PAD.left} x2={WIDTH - PAD.right} y1={zero} y2={zero} stroke="var(--color-rule)" strokeWidth={1} />
      <path d={path} fill="none" stroke="var(--color-ink)" strokeWidth={2} />
      {known.map((m, n) => (
        <g key={m.kind}>
          <line
            x1={scale.x(m.price)}
            x2={scale.x(m.price)}
            y1={PAD.top - 4}
            y2={HEIGHT - PAD.bottom}
            stroke="var(--color-mute)"
            strokeDasharray="3 3"
          />
          <text
            x={Math.min(WIDTH - 70, Math.max(70, scale.x(m.price)))}
            y={HEIGHT - PAD.bottom + 16 + (n % 2) * 15}
            textAnchor="middle"
            fontSize={12}
            fill="var(--color-mute)"
          >
            {m.name} {m.text}
          </text>
        </g>
      ))}
      <line
        x1={scale.x(point.price)}
        x2={scale.x(point.price)}
        y1={PAD.top - 6}
        y2={HEIGHT - PAD.bottom}
        stroke="var(--color-you)"
        strokeWidth={1.5}
      />
      <text
        x={Math.min(WIDTH - 110, Math.max(110, scale.x(point.price)))}
        y={PAD.top - 14}
        textAnchor="middle"
        fontSize={14}
        fontWeight={600}
        fill="var(--color-you)"
      >
        {point.priceText}, you keep {point.keepText}
      </text>
      <circle
        cx={scale.x(point.price)}
        cy={scale.y(point.keep)}
        r={9}
        fill="var(--color-you)"
        stroke="var(--color-sheet)"
        strokeWidth={2.5}
        tabIndex={0}
        role="slider"
        aria-label="Price"
        aria-valuemin={points[0]?.price ?? 0}
        aria-valuemax={points.at(-1)?.price ?? 0}
        aria-valuenow={point.price}
        aria-valuetext={`${point.priceText}, you keep ${point.keepText}, margin ${point.margin}`}
        className="cursor-ew-resize"
        onPointerDown={(e) => {
          e.currentTarget.focus();
          hold(index);
          const follow = (to: PointerEvent) => move(toPoint(to.clientX));
          window.addEventListener('pointermove', follow);
          window.addEventListener(
            'pointerup',
            () => {
              window.removeEventListener('pointermove', follow);
              drop();
            },
            { once: true },
          );
        }}
        onKeyDown={(e) => {
          const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[e.key];
          if (by !== undefined) {
            e.preventDefault();
            move(index + by);
          }
          if (e.key === 'Enter') drop();
          if (e.key === 'Escape' && held !== null) {
            e.stopPropagation();
            hold(null);
          }
        }}
      />
    </svg>
  );
}
