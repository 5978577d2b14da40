import { useRef } from 'react';

/** Where focus was before something opened over it; of a menu, what opened the menu. */
function before(): HTMLElement | null {
  const active = document.activeElement;
  const menu = active?.closest<HTMLElement>('[role=menu][aria-labelledby]');
  if (menu) return document.getElementById(menu.getAttribute('aria-labelledby') ?? '');
  const popup = active?.closest<HTMLElement>('[data-popup]');
  if (popup) return document.querySelector(`[aria-controls="${CSS.escape(popup.id)}"]`);
  return active instanceof HTMLElement ? active : null;
}

/** Puts focus on the heading of the page: where nothing else is left to return to, and after moving to a page. */
export function focusHeading(): void {
  const heading = document.querySelector<HTMLElement>('main h1') ?? document.querySelector<HTMLElement>('main');
  if (!heading) return;
  if (!heading.hasAttribute('tabindex')) heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
}

/** For what opens without a trigger of its own: closing it puts focus back where it was. */
export function useFocusBack() {
  const from = useRef<HTMLElement | null>(null);
  return {
    onOpenAutoFocus: () => {
      from.current = before();
    },
    onCloseAutoFocus: (e: Event) => {
      e.preventDefault();
      // Where the page moved on meanwhile, focus is there already.
      if (document.activeElement !== document.body && document.activeElement !== null) {
        const inside = document.activeElement.closest('[role=dialog]');
        if (!inside) return;
      }
      if (from.current?.isConnected) from.current.focus();
      else focusHeading();
    },
  };
}
