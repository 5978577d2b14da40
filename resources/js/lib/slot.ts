import { createElement, lazy, Suspense, type ComponentType, type ReactNode } from 'react';

/** A place on a screen that a later area fills; empty until it does. */
export interface Slot<P extends object> {
  (props: P): ReactNode;
  /** Says what stands there; it is loaded once it is shown. */
  fill: (load: () => Promise<ComponentType<P>>) => void;
}

/**
 * Makes such a place. The earlier area states what it gives along, and doesn't know who takes it: areas use only those
 * before them, in the browser as on the server.
 */
export function slot<P extends object>(): Slot<P> {
  let part: ComponentType<P> | null = null;
  const place = (props: P): ReactNode =>
    part ? createElement(Suspense, { fallback: null }, createElement(part, props)) : null;
  return Object.assign(place, {
    fill: (load: () => Promise<ComponentType<P>>) => {
      part = lazy(async () => ({ default: await load() }));
    },
  });
}
