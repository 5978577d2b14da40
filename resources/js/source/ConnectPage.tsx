import { Head, Link } from '@inertiajs/react';
import { useHandle } from '@/lib/useStall';
import { FileForm } from '@/source/connect/FileForm';
import { KeyForm } from '@/source/connect/KeyForm';
import type { KindView } from '@/types/source';

/** Connecting a supplier: first whom, then what that kind needs. Address and key are tried before anything is kept. */
export default function ConnectPage({ kinds, kind }: { kinds: KindView[]; kind: string | null }) {
  const handle = useHandle();
  const chosen = kinds.find((k) => k.kind === kind);
  return (
    <div className="mx-auto w-full max-w-[640px] px-6 py-10">
      <Head title="Connect a supplier" />
      {chosen ? (
        <>
          <Link
            href={route('source.connect', handle)}
            className="text-mute underline decoration-line underline-offset-4 hover:text-ink"
          >
            Another kind of supplier
          </Link>
          <h1 className="name mt-3 text-[30px]">
            {chosen.mapped ? 'Connect by a file or feed' : `Connect ${chosen.name}`}
          </h1>
          <p className="mt-1 mb-8 text-mute">{chosen.about}</p>
          {chosen.mapped ? <FileForm kind={chosen} /> : <KeyForm kind={chosen} />}
        </>
      ) : (
        <>
          <h1 className="name text-[30px]">Connect a supplier</h1>
          <p className="mt-1 mb-6 text-mute">Whose goods do you want to sell?</p>
          <ul className="border-t border-line">
            {kinds.map((k) => (
              <li key={k.kind} className="border-b border-line">
                <Link
                  href={route('source.connect', [handle, { kind: k.kind }])}
                  className="group block px-2 py-4 hover:bg-sheet"
                >
                  <span className="name text-[19px] text-sup group-hover:underline">{k.name}</span>
                  <span className="mt-0.5 block text-mute">{k.about}</span>
                </Link>
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}
