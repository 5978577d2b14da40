import { Link } from '@inertiajs/react';
import { turnSign } from '@/lib/turnSign';
import { useFrame, useHandle } from '@/lib/useStall';
import { Button } from '@/ui/Button';

/** Says that shoppers aren't let in yet, and lets them in. */
export function ClosedSign() {
  const frame = useFrame();
  const handle = useHandle();
  if (!frame || frame.shopOpen) return null;
  return (
    <div className="flex flex-none items-center gap-4 border-y border-line bg-ochre-soft px-6 py-2" data-closed>
      <p>
        <b className="font-semibold text-ochre">The shop is closed.</b> Shoppers see its name and that it isn’t open;
        you see it whole.{' '}
        <Link href={route('opening', handle)} className="underline underline-offset-4">
          What is left before it opens
        </Link>
      </p>
      <Button small className="ml-auto font-semibold!" onClick={() => turnSign(handle, true)}>
        Open the shop
      </Button>
    </div>
  );
}
