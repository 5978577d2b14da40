import { clsx } from 'clsx';

/** Sides in pixels. */
const SIZES = { 28: 'size-7', 32: 'size-8', 36: 'size-9', 40: 'size-10', 48: 'size-12', 60: 'size-15' };

/** A picture in a list: it keeps its shape, however narrow the list. */
export function Thumb({ src, size, dim = false }: { src: string | null; size: keyof typeof SIZES; dim?: boolean }) {
  const shape = clsx('block max-w-none flex-none rounded', SIZES[size], dim && 'opacity-60');
  return src === null ? (
    <span className={clsx(shape, 'bg-shade')} />
  ) : (
    <img
      src={src}
      alt=""
      width={size}
      height={size}
      loading="lazy"
      data-thumb
      className={clsx(shape, 'border border-line object-cover')}
    />
  );
}
