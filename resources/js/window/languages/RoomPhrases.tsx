import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { send } from '@/lib/http';
import { count } from '@/lib/plural';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { LanguagesView, PhraseRoomView, PhraseView, SpokenLanguageView } from '@/types/window';
import { Button } from '@/ui/Button';
import { PhraseRow } from '@/window/languages/PhraseRow';

interface Props {
  spoken: SpokenLanguageView;
  room: PhraseRoomView;
  onSaid: (languages: LanguagesView) => void;
}

interface Phrases {
  phrases: PhraseView[];
  more: boolean;
}

/** The seller's words of one place, each with what it is in the other language. */
export function RoomPhrases({ spoken, room, onSaid }: Props) {
  const handle = useHandle();
  const [page, setPage] = useState(1);
  const [turn, setTurn] = useState(0);
  const [shown, setShown] = useState<Phrases | null>(null);
  const { busy, during } = useSend();
  const at = [handle, spoken.language, room.room];
  const address = `${route('window.phrases', at)}?page=${String(page)}`;
  useEffect(() => {
    let stale = false;
    void during(send<Phrases>('GET', address).then((now) => !stale && setShown(now)));
    return () => {
      stale = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- asked again for another page, or once something was drafted
  }, [address, turn]);
  const say = (phrase: string, said: string) =>
    during(
      send<LanguagesView>('PUT', route('window.phrases.say', at), { words: [{ phrase, said }] }).then((now) => {
        setShown(
          (old) =>
            old && {
              ...old,
              phrases: old.phrases.map((one) => (one.phrase === phrase ? { ...one, said, drafted: false } : one)),
            },
        );
        onSaid(now);
      }),
    );
  const drafts = shown?.phrases.filter((one) => one.drafted) ?? [];
  const approve = () =>
    during(
      send<LanguagesView>('PUT', route('window.phrases.say', at), {
        words: drafts.map(({ phrase, said }) => ({ phrase, said })),
      }).then((now) => {
        onSaid(now);
        setTurn((n) => n + 1);
      }),
    );
  const missing = shown?.phrases.filter((one) => one.said === '').map((one) => one.phrase) ?? [];
  const draft = () =>
    during(
      send<{ drafted: number; languages: LanguagesView }>('POST', route('window.phrases.draft', at), {
        phrases: missing,
      }).then(({ drafted, languages }) => {
        onSaid(languages);
        setTurn((n) => n + 1);
        toast.success(`${count(drafted, 'draft')} made. Shoppers read each once you say that it is right.`);
      }),
    );
  return (
    <section aria-labelledby="room" className="min-w-0 px-6 py-4">
      <div className="mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-2">
        <h2 id="room" className="name text-[19px]">
          {room.heading}, in {spoken.name}
        </h2>
        <span className="flex-1" />
        {drafts.length > 1 && (
          <Button small kind="do" disabled={busy} onClick={() => void approve()} data-approve>
            These {drafts.length} drafts are right
          </Button>
        )}
        {missing.length > 0 && (
          <Button small disabled={busy} onClick={() => void draft()} data-draft>
            Have {missing.length === 1 ? 'this one' : `these ${String(missing.length)}`} drafted
          </Button>
        )}
      </div>
      <ul aria-label="Phrases" aria-busy={busy}>
        {shown?.phrases.map((phrase) => (
          <PhraseRow
            key={phrase.phrase}
            phrase={phrase}
            language={spoken.language}
            name={spoken.name}
            onSay={(said) => say(phrase.phrase, said)}
          />
        ))}
      </ul>
      {(page > 1 || shown?.more === true) && (
        <div className="flex gap-3 pt-4">
          {page > 1 && (
            <Button small onClick={() => setPage(page - 1)}>
              Those before
            </Button>
          )}
          {shown?.more === true && (
            <Button small onClick={() => setPage(page + 1)}>
              More of them
            </Button>
          )}
        </div>
      )}
    </section>
  );
}
