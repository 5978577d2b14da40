import { GridFourIcon, RowsIcon } from '@phosphor-icons/react';

/** Whether items stand as a ledger or as pictures. */
export function LedgerOrPictures({ pictures, onLook }: { pictures: boolean; onLook: (as: boolean) => void }) {
  return (
    <div role="group" aria-label="As" className="flex overflow-hidden rounded-md border border-rule/60">
      {[
        { as: false, label: 'As a ledger', icon: RowsIcon },
        { as: true, label: 'As pictures', icon: GridFourIcon },
      ].map(({ as, label, icon: Icon }) => (
        <button
          key={label}
          type="button"
          aria-label={label}
          title={label}
          aria-pressed={pictures === as}
          onClick={() => onLook(as)}
          className={`p-1.5 ${pictures === as ? 'bg-till text-sheet' : 'bg-sheet hover:bg-paper'}`}
        >
          <Icon size={17} />
        </button>
      ))}
    </div>
  );
}
