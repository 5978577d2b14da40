import type { Dispatch, SetStateAction } from 'react';
import { Button } from '@/ui/Button';

interface Props {
  suppliers: { id: number; name: string }[];
  setSuppliers: Dispatch<SetStateAction<{ id: number; name: string }[]>>;
  up: <T>(list: T[], n: number) => T[];
}

/** Suppliers, the one that is liked best first. */
export function SupplierOrder({ suppliers, setSuppliers, up }: Props) {
  return (
    <>
      <>
        <h2 className="mt-5 text-[12.5px] text-mute">Your suppliers, the one you like best first</h2>
        <ol>
          {suppliers.map((one, n) => (
            <li key={one.id} className="flex items-baseline gap-4 border-t border-line py-2">
              <span className="w-5 text-mute">{n + 1}</span>
              <span className="flex-1 font-medium text-sup">{one.name}</span>
              {n > 0 && (
                <Button
                  kind="quiet"
                  small
                  onClick={() => {
                    setSuppliers(up(suppliers, n));
                  }}
                >
                  before that
                </Button>
              )}
            </li>
          ))}
        </ol>
      </>
    </>
  );
}
