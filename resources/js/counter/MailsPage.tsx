import { Head, Link, router } from '@inertiajs/react';
import { Choice } from '@/counter/mails/Choice';
import { Editor, type Mails } from '@/counter/mails/Editor';
import { useHandle } from '@/lib/useStall';

/** What letters to shoppers say: the seller's words at the left, the letter as it would arrive beside them. */
export default function MailsPage(props: Mails) {
  const handle = useHandle();
  const go = (with_: Record<string, string>) => {
    router.get(route('counter.mails', handle), { kind: props.kind, language: props.language, ...with_ });
  };
  return (
    <div className="px-6 pt-5 pb-16 max-md:px-4">
      <Head title="What letters say" />
      <div className="flex flex-wrap items-baseline gap-x-6">
        <h1 className="name text-[26px]">What letters say</h1>
        <Link href={route('counter', handle)} className="text-mute underline decoration-line underline-offset-4">
          The desk
        </Link>
      </div>
      <p className="mt-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <span className="text-mute">The letter:</span>
        {props.kinds.map((one) => (
          <Choice
            key={one.value}
            chosen={one.value === props.kind}
            onChoose={() => {
              go({ kind: one.value });
            }}
          >
            {one.words}
            {one.own && <span className="font-normal text-mute"> (yours)</span>}
          </Choice>
        ))}
        {props.languages.length > 1 && (
          <>
            <span className="ml-3 text-mute">in</span>
            {props.languages.map((one) => (
              <Choice
                key={one.value}
                chosen={one.value === props.language}
                onChoose={() => {
                  go({ language: one.value });
                }}
              >
                {one.label}
              </Choice>
            ))}
          </>
        )}
      </p>
      <Editor key={`${props.kind} ${props.language}`} {...props} />
    </div>
  );
}
