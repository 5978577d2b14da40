/** From what was to what is. */
export function Arrow() {
  return (
    <>
      <span aria-hidden>→</span>
      <span className="sr-only">is now</span>
    </>
  );
}
