import { Link } from '@inertiajs/react';

/** Steps through a list that is paged by key. */
export function Pager({ previous, next }: { previous: string | null; next: string | null }) {
  if (!previous && !next) return null;
  const to = (cursor: string): string => {
    const url = new URL(window.location.href);
    url.searchParams.set('cursor', cursor);
    return url.toString();
  };
  return (
    <nav aria-label="Pages" className="flex justify-between px-6 py-5">
      {previous ? (
        <Link href={to(previous)} className="underline">
          Before these
        </Link>
      ) : (
        <span />
      )}
      {next ? (
        <Link href={to(next)} className="underline">
          After these
        </Link>
      ) : (
        <span />
      )}
    </nav>
  );
}
