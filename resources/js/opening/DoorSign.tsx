/** The sign on the door, as it hangs now. */
export function DoorSign({ open }: { open: boolean }) {
  return (
    <svg viewBox="0 0 60 50" width="60" height="50" role="img" aria-label={open ? 'open' : 'closed'}>
      <path d="M10 20 30 4l20 16" fill="none" stroke="currentColor" strokeWidth="1.5" className="text-mute" />
      <rect x="2" y="20" width="56" height="28" rx="3" className={open ? 'fill-see' : 'fill-loss'} />
      <text x="30" y="38" textAnchor="middle" fontSize="12" fontWeight="600" className="fill-sheet">
        {open ? 'open' : 'closed'}
      </text>
    </svg>
  );
}
