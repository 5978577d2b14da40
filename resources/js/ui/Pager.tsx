import { Link } from '@inertiajs/react';
import type { ReactNode } from 'react';

/** A cursor that the address takes, or what turns the page; null where there is none. */
type Way = string | (() => void) | null;

/** Steps through a list; what stands between says where one is. */
export function Pager({ previous, next, children }: { previous: Way; next: Way; children?: ReactNode }) {
  if (!previous && !next && !children) return null;
  return (
    <nav aria-label="Pages" className="flex items-baseline justify-between px-6 py-5">
      <Turn way={previous}>Before these</Turn>
      {children}
      <Turn way={next}>After these</Turn>
    </nav>
  );
}

function Turn({ way, children }: { way: Way; children: string }) {
  const look = 'underline underline-offset-4';
  if (!way) return <span />;
  if (typeof way === 'string')
    return (
      <Link href={to(way)} className={look}>
        {children}
      </Link>
    );
  return (
    <button type="button" className={look} onClick={way}>
      {children}
    </button>
  );
}

function to(cursor: string): string {
  const url = new URL(window.location.href);
  url.searchParams.set('cursor', cursor);
  return url.toString();
}
