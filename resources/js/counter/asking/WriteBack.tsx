import { router } from '@inertiajs/react';
import type { Dispatch, SetStateAction } from 'react';
import type { AskedView } from '@/types/counter';
import { Button } from '@/ui/Button';

interface Props {
  args: (string | number)[];
  words: string;
  formKey: string;
  keep: { preserveScroll: boolean };
  setWords: Dispatch<SetStateAction<string>>;
  field: string;
  asked: AskedView;
}

/** A further word to the supplier, and what else can be done about it. */
export function WriteBack({ args, words, formKey, keep, setWords, field, asked }: Props) {
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        router.post(
          route('counter.asked.write', args),
          { words, key: formKey },
          {
            ...keep,
            onSuccess: () => {
              setWords('');
            },
          },
        );
      }}
    >
      <label htmlFor={field} className="block text-[12.5px] text-mute">
        Write to {asked.supplier}
      </label>
      <textarea
        id={field}
        rows={3}
        maxLength={2000}
        className="w-full border-[1.5px] border-rule bg-transparent px-2.5 py-2 text-[15px] focus:border-you"
        value={words}
        onChange={(e) => {
          setWords(e.target.value);
        }}
      />
      <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2">
        <Button type="submit" disabled={words.trim() === ''}>
          Send
        </Button>
        <Button
          kind="quiet"
          small
          onClick={() => {
            router.post(route('counter.asked.look', args), {}, keep);
          }}
        >
          Look whether they answered
        </Button>
        <Button
          kind="quiet"
          small
          onClick={() => {
            router.put(route('counter.asked.close', args), { closed: true }, keep);
          }}
        >
          Ask for it no more
        </Button>
      </div>
    </form>
  );
}
