import { useEffect } from 'react';

const able = (element: Element) => !element.matches(':disabled');

/**
 * Focus never falls to the page: where what had it goes away (a button that did its work, a note that closed), it goes to
 * what stood around it and is still there; where a button was only off while its work was done, back to the button
 * (WCAG 2.2, 2.4.3).
 */
export function useFocusKept() {
  useEffect(() => {
    let last: HTMLElement | null = null;
    let around: HTMLElement[] = [];
    const forget = () => {
      last = null;
      around = [];
    };
    const onIn = (e: FocusEvent) => {
      if (!(e.target instanceof HTMLElement) || e.target.id === 'work') return;
      last = e.target;
      around = [];
      for (let at = last.parentElement; at && at !== document.body; at = at.parentElement) {
        around.push(at);
        if (at.id === 'work') break;
      }
    };
    // Who leaves of their own will, as by a click beside, isn't called back.
    const onOut = (e: FocusEvent) => {
      const left = e.target;
      if (e.relatedTarget) return;
      requestAnimationFrame(() => {
        if (left === last && last?.isConnected && able(last)) forget();
      });
    };
    const keep = () => {
      if (!last || document.activeElement !== document.body) return;
      if (last.isConnected) {
        if (able(last)) last.focus({ preventScroll: true });
        return;
      }
      const near = around.find((element) => element.isConnected);
      forget();
      if (!near) return;
      if (near.tabIndex < 0 && !near.hasAttribute('tabindex')) near.tabIndex = -1;
      near.focus({ preventScroll: true });
    };
    let asked = 0;
    const seen = new MutationObserver(() => {
      cancelAnimationFrame(asked);
      asked = requestAnimationFrame(keep);
    });
    document.addEventListener('focusin', onIn);
    document.addEventListener('focusout', onOut);
    seen.observe(document.body, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] });
    return () => {
      document.removeEventListener('focusin', onIn);
      document.removeEventListener('focusout', onOut);
      seen.disconnect();
      cancelAnimationFrame(asked);
    };
  }, []);
}
