import { router, usePage } from '@inertiajs/react';
import { useEffect, useRef } from 'react';
import { focusHeading } from '@/ui/focusBack';

/** After moving to another page focus is on its heading; where a change of the page took focus away, too. */
export function useHeadingFocus(): void {
  const path = usePage().url.split('?')[0];
  const seen = useRef(path);
  useEffect(() => {
    if (seen.current === path) return;
    seen.current = path;
    // A page that puts focus somewhere itself knows better.
    const place = document.activeElement;
    if (place instanceof HTMLElement && place.closest('main') && place.matches('input, textarea')) return;
    focusHeading();
  }, [path]);
  const held = useRef(false);
  useEffect(
    () =>
      router.on('start', () => {
        held.current = document.activeElement !== document.body;
      }),
    [],
  );
  useEffect(
    () =>
      router.on('finish', () => {
        requestAnimationFrame(() => {
          const lost = held.current && document.activeElement === document.body;
          if (lost && !document.querySelector('[role=dialog]')) focusHeading();
        });
      }),
    [],
  );
}
