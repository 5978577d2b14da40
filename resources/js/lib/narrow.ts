/** Whether the screen is a phone's now: narrower than Tailwind's `md`, where `max-md:` holds. */
export function isNarrow(): boolean {
  return matchMedia('(width < 48rem)').matches;
}
