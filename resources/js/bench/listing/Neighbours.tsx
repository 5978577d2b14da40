import { Link } from '@inertiajs/react';

interface Props {
  earlier: number | null;
  handle: string;
  later: number | null;
}

/** The listings before and after, for keys and for who listens. */
export function Neighbours({ earlier, handle, later }: Props) {
  return (
    <nav className="sr-only" aria-label="Neighbours">
      {earlier !== null && (
        <Link data-step="earlier" href={route('bench.listing', [handle, earlier])}>
          The listing before
        </Link>
      )}
      {later !== null && (
        <Link data-step="later" href={route('bench.listing', [handle, later])}>
          The listing after
        </Link>
      )}
    </nav>
  );
}
