import { clsx } from 'clsx';
import type { KeyboardEvent, MouseEvent } from 'react';

interface Props {
  src: string;
  x: number;
  y: number;
  /** Where it was pressed, in hundredths from left and top. */
  onPoint: (at: { x: number; y: number }) => void;
}

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-2, 0],
  ArrowRight: [2, 0],
  ArrowUp: [0, -2],
  ArrowDown: [0, 2],
};

const within = (n: number): number => Math.min(100, Math.max(0, Math.round(n)));

/** A picture whole, and the point of it that has to stay in view: pressed on, or moved by the arrow keys. */
export function FocalPoint({ src, x, y, onPoint }: Props) {
  const onKeyDown = (e: KeyboardEvent) => {
    const step = STEPS[e.key];
    if (!step) return;
    e.preventDefault();
    onPoint({ x: within(x + step[0]), y: within(y + step[1]) });
  };
  const onClick = (e: MouseEvent) => {
    // A press of Enter or the space bar is nowhere.
    if (e.detail === 0) return;
    const box = e.currentTarget.getBoundingClientRect();
    onPoint({
      x: within(((e.clientX - box.left) / box.width) * 100),
      y: within(((e.clientY - box.top) / box.height) * 100),
    });
  };
  return (
    <button
      type="button"
      aria-label="What has to stay in view; arrow keys move it"
      onKeyDown={onKeyDown}
      onClick={onClick}
      className="relative block w-full cursor-crosshair overflow-hidden rounded-md border border-line"
      data-focal
    >
      <img src={src} alt="" className="block w-full" draggable={false} />
      <span
        aria-hidden
        className={clsx(
          'absolute size-5 -translate-x-1/2 -translate-y-1/2 rounded-full border-[3px] border-sheet',
          'bg-you/80 shadow',
        )}
        style={{ left: `${String(x)}%`, top: `${String(y)}%` }}
      />
    </button>
  );
}
