import { Head, Link } from '@inertiajs/react';
import { SupplierAccount } from '@/counter/owed/SupplierAccount';
import { useHandle } from '@/lib/useStall';
import type { SupplierAccountView } from '@/types/counter';

/** What suppliers are owed, what is left of what was paid in, and on what terms they take orders. */
export default function OwedPage({ accounts }: { accounts: SupplierAccountView[] }) {
  const handle = useHandle();
  return (
    <div className="max-w-[900px] px-6 pt-5 pb-16 max-md:px-4">
      <Head title="What suppliers are owed" />
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="name text-[26px]">What suppliers are owed</h1>
        <Link href={route('counter', handle)} className="text-mute underline decoration-line underline-offset-4">
          The desk
        </Link>
      </div>
      {accounts.length === 0 && (
        <p className="mt-4 border-t border-line py-3 text-mute">
          None of your suppliers takes orders from here yet. Connect one in Source, or say where one takes them by mail.
        </p>
      )}
      {accounts.map((account) => (
        <SupplierAccount key={account.id} account={account} />
      ))}
    </div>
  );
}
