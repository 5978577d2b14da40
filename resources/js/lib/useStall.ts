import { usePage } from '@inertiajs/react';
import type { FrameView } from '@/types/frame';

export interface SharedPageProps {
  frame: FrameView | null;
  say: string | null;
  errors: Record<string, string>;
  [key: string]: unknown;
}

export function useFrame(): FrameView | null {
  return usePage<SharedPageProps>().props.frame;
}

/** The handle of the stall one works in, for addresses. */
export function useHandle(): string {
  return useFrame()?.handle ?? '';
}
