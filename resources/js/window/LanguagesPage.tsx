import { Head } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import { count } from '@/lib/plural';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { LanguagesView, PhraseRoomView, SpokenLanguageView } from '@/types/window';
import { MarketLanguages } from '@/window/languages/MarketLanguages';
import { OwnLanguage } from '@/window/languages/OwnLanguage';
import { RoomPhrases } from '@/window/languages/RoomPhrases';
import { PlacesOfWindow } from '@/window/PlacesOfWindow';

/** Which languages the shop speaks where, and the seller's words in them, place by place. */
export default function LanguagesPage({ languages: first }: { languages: LanguagesView }) {
  const handle = useHandle();
  const [languages, setLanguages] = useState(first);
  const { during } = useSend();
  const say = (said: object) =>
    during(send<LanguagesView>('PUT', route('window.languages.update', handle), said).then(setLanguages));
  const rooms = languages.spoken.flatMap((spoken) => spoken.rooms.map((room) => ({ spoken, room })));
  const [chosen, setChosen] = useState<string | null>(null);
  const at = ({ spoken, room }: { spoken: SpokenLanguageView; room: PhraseRoomView }) =>
    `${spoken.language}/${room.room}`;
  const open = rooms.find((one) => at(one) === chosen) ?? rooms.find(({ room }) => room.missing > 0) ?? rooms[0];
  return (
    <div className="pb-16">
      <Head title="Languages" />
      <div className="px-6 pt-4 pb-5">
        <PlacesOfWindow at="languages" />
        <div className="mt-4 grid gap-1 text-[16px] leading-relaxed">
          <OwnLanguage languages={languages} onSay={(own) => say({ own })} />
          {languages.markets.map((market) => (
            <MarketLanguages
              key={market.market}
              market={market}
              known={languages.known}
              onSay={(spoken) => say({ market: market.market, languages: spoken })}
            />
          ))}
        </div>
      </div>
      {open === undefined ? (
        <p className="max-w-[70ch] border-t border-line px-6 pt-5 text-mute">
          Everything the shop says of itself is there in {Object.values(languages.known).join(', ')}. Let it speak
          another language in one of its markets, and your own words stand here to be said in it.
        </p>
      ) : (
        <div className="border-t border-line md:grid md:grid-cols-[272px_minmax(0,1fr)]">
          <div className="border-line px-6 py-4 md:border-r">
            {languages.spoken.map((spoken) => (
              <section key={spoken.language} aria-labelledby={`spoken-${spoken.language}`} className="mb-6">
                <h2 id={`spoken-${spoken.language}`} className="name text-[19px]">
                  {spoken.name}
                </h2>
                <p className={clsx('mb-1.5 text-[13.5px]', spoken.missing > 0 ? 'text-ochre' : 'text-mute')}>
                  {spoken.missing > 0
                    ? `${String(spoken.missing)} of ${String(spoken.phrases)} not said yet`
                    : 'all of it is said'}
                </p>
                <ul>
                  {spoken.rooms.map((room) => (
                    <li key={room.room}>
                      <button
                        type="button"
                        aria-current={open.room === room ? 'true' : undefined}
                        onClick={() => setChosen(at({ spoken, room }))}
                        className={clsx(
                          'flex w-full items-baseline justify-between gap-3 py-1 text-left hover:underline',
                          open.room === room && 'font-semibold',
                        )}
                        data-room={at({ spoken, room })}
                      >
                        <span>{room.heading}</span>
                        <span
                          className={clsx('text-[13px]', room.missing > 0 ? 'font-semibold text-ochre' : 'text-mute')}
                          title={
                            room.missing > 0
                              ? `${count(room.missing, 'phrase')} of ${String(room.phrases)} not said yet`
                              : `${count(room.phrases, 'phrase')}, all said`
                          }
                        >
                          {room.missing > 0 ? room.missing : '✓'}
                        </span>
                      </button>
                    </li>
                  ))}
                </ul>
              </section>
            ))}
          </div>
          <RoomPhrases key={at(open)} spoken={open.spoken} room={open.room} onSaid={setLanguages} />
        </div>
      )}
    </div>
  );
}
