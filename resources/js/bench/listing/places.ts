/** Takes the seller to the part of a listing where something is mended. */
export function goTo(place: string): void {
  const part = document.getElementById(`place-${place}`) ?? document.getElementById('place-variants');
  part?.scrollIntoView({ block: 'center', behavior: 'smooth' });
  part
    ?.querySelector<HTMLElement>('input:not([type="checkbox"]), [contenteditable="true"], button')
    ?.focus({ preventScroll: true });
  part?.animate([{ backgroundColor: '#fbe3a8' }, { backgroundColor: 'transparent' }], { duration: 1400 });
}
