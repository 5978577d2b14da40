import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import { VoiceMark, voiceNames, type Voice } from '@/ui/Voices';

interface Props {
  /** What each voice says, its head first. */
  says: Record<Voice, ReactNode>;
  /** The voice that is read where there isn’t room for all: alone on a phone, beside one’s own on a tablet. */
  read: Voice;
  onRead: (voice: Voice) => void;
}

const PLACES: { voice: Voice; tone: string }[] = [
  { voice: 'sup', tone: 'border-r border-line' },
  { voice: 'you', tone: 'lg:border-r lg:border-line' },
  { voice: 'see', tone: 'bg-[#f3eee1] md:max-lg:border-l md:max-lg:border-line' },
];

/** Supplier, seller and shopper side by side; on narrow screens one says whom to read. */
export function ThreeVoices({ says, read, onRead }: Props) {
  const away = (voice: Voice) =>
    clsx(
      voice !== read && 'max-md:hidden',
      voice === 'sup' && read === 'see' && 'max-lg:hidden',
      voice === 'see' && read !== 'see' && 'max-lg:hidden',
    );
  return (
    <>
      <div role="group" aria-label="Whose words are shown" className="flex flex-none gap-1.5 px-5 pb-2 lg:hidden">
        {PLACES.map(({ voice }) => (
          <button
            key={voice}
            type="button"
            aria-pressed={voice === read}
            data-read={voice}
            onClick={() => onRead(voice)}
            className={clsx(
              'rounded-md border px-2.5 py-1 text-[13.5px]',
              voice === read ? 'border-ink bg-sheet font-semibold' : 'border-line text-mute hover:text-ink',
              voice === 'you' && 'md:hidden',
            )}
          >
            <VoiceMark voice={voice} /> {voiceNames[voice]}
          </button>
        ))}
      </div>
      <div
        className={clsx(
          'grid min-h-0 flex-1 border-t border-line bg-sheet',
          'lg:grid-cols-[minmax(250px,0.95fr)_minmax(430px,1.75fr)_minmax(290px,330px)]',
          read === 'see' ? 'md:max-lg:grid-cols-[1fr_300px]' : 'md:max-lg:grid-cols-[minmax(230px,0.7fr)_1.4fr]',
        )}
      >
        {PLACES.map(({ voice, tone }) => (
          <section
            key={voice}
            aria-label={voiceNames[voice]}
            className={clsx('flex min-h-0 min-w-0 flex-col', tone, away(voice))}
          >
            {says[voice]}
          </section>
        ))}
      </div>
    </>
  );
}
