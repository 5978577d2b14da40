import { Fragment, useState } from 'react';
import type { MarketLanguagesView } from '@/types/window';
import { Popup } from '@/ui/Popup';
import { SayFoot } from '@/ui/SayFoot';
import { PART } from '@/window/languages/part';

interface Props {
  market: MarketLanguagesView;
  known: Record<string, string>;
  onSay: (languages: string[]) => Promise<boolean>;
}

/** What the shop speaks in one market, as a sentence; the first is what its pages have by themselves. */
export function MarketLanguages({ market, known, onSay }: Props) {
  const [open, setOpen] = useState(false);
  const [spoken, setSpoken] = useState(market.languages);
  const turn = (language: string) =>
    setSpoken(spoken.includes(language) ? spoken.filter((one) => one !== language) : [...spoken, language]);
  return (
    <p data-market={market.market}>
      To <b className="font-semibold">{market.name}</b> the shop speaks{' '}
      <Popup
        width={340}
        align="start"
        open={open}
        onOpen={(next) => {
          setSpoken(market.languages);
          setOpen(next);
        }}
        trigger={
          <button type="button" className={PART}>
            {market.languages.map((language, n) => (
              <Fragment key={language}>
                {n > 0 && (n === market.languages.length - 1 ? ' and ' : ', ')}
                {known[language]}
              </Fragment>
            ))}
          </button>
        }
      >
        <form
          className="grid gap-3 text-[15px]"
          onSubmit={(e) => {
            e.preventDefault();
            void onSay(spoken).then((ok) => ok && setOpen(false));
          }}
        >
          <fieldset className="grid gap-1.5">
            <legend className="mb-1.5 text-[12.5px] text-mute">The shop speaks</legend>
            {Object.entries(known).map(([language, name]) => (
              <div key={language} className="flex items-baseline gap-2">
                <label className="flex items-baseline gap-2">
                  <input
                    type="checkbox"
                    data-language={language}
                    checked={spoken.includes(language)}
                    onChange={() => turn(language)}
                    className="accent-you"
                  />
                  {name}
                </label>
                {spoken[0] === language ? (
                  <span className="ml-auto text-[13px] text-mute">first</span>
                ) : (
                  spoken.includes(language) && (
                    <button
                      type="button"
                      className="ml-auto text-[13px] text-you underline underline-offset-4"
                      onClick={() => setSpoken([language, ...spoken.filter((one) => one !== language)])}
                    >
                      put it first
                    </button>
                  )
                )}
              </div>
            ))}
          </fieldset>
          <SayFoot say="Say it" onDone={() => setOpen(false)} />
        </form>
      </Popup>
      , at{' '}
      {market.addresses.map((address, n) => (
        <Fragment key={address}>
          {n > 0 && ' and '}
          <a
            href={address}
            target="_blank"
            rel="noreferrer"
            className="text-mute underline decoration-line underline-offset-4"
          >
            {new URL(address).pathname === '/' ? 'its front page' : new URL(address).pathname}
          </a>
        </Fragment>
      ))}
      .
    </p>
  );
}
