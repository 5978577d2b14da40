import { useState } from 'react';
import type { LanguagesView } from '@/types/window';
import { ChoiceField } from '@/ui/ChoiceField';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { PART } from '@/window/languages/part';

interface Props {
  languages: LanguagesView;
  onSay: (own: string) => Promise<boolean>;
}

/** The language the seller writes in. */
export function OwnLanguage({ languages, onSay }: Props) {
  const [open, setOpen] = useState(false);
  const [own, setOwn] = useState(languages.own);
  return (
    <p>
      You write in{' '}
      <Popup
        width={300}
        align="start"
        open={open}
        onOpen={(next) => {
          setOwn(languages.own);
          setOpen(next);
        }}
        trigger={
          <button type="button" className={PART} data-own>
            {languages.known[languages.own]}
          </button>
        }
      >
        <form
          className="grid gap-4"
          onSubmit={(e) => {
            e.preventDefault();
            void onSay(own).then((ok) => ok && setOpen(false));
          }}
        >
          <ChoiceField
            label="Your words are in"
            value={own}
            onChange={(e) => setOwn(e.target.value)}
            choices={Object.entries(languages.known).map(([value, label]) => ({ value, label }))}
          />
          <SayFoot say="Say it" onDone={() => setOpen(false)} />
        </form>
      </Popup>
      .
    </p>
  );
}
