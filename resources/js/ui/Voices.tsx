import { EyeIcon, PackageIcon, PencilSimpleIcon } from '@phosphor-icons/react';
import { clsx } from 'clsx';
import type { ReactNode } from 'react';

export type Voice = 'sup' | 'you' | 'see';

const VOICES = {
  sup: { name: 'Supplier says', mark: PackageIcon, tone: 'text-sup border-sup bg-sup-soft' },
  you: { name: 'You say', mark: PencilSimpleIcon, tone: 'text-you border-you bg-you-soft' },
  see: { name: 'Shopper sees', mark: EyeIcon, tone: 'text-see border-see bg-see-soft' },
};

export const voiceNames: Record<Voice, string> = {
  sup: VOICES.sup.name,
  you: VOICES.you.name,
  see: VOICES.see.name,
};

/** The head of a column in one of the three voices: its colour never stands without its mark and name. */
export function VoiceHead({ voice, as, children }: { voice: Voice; as?: string | undefined; children?: ReactNode }) {
  const { name, mark: Mark, tone } = VOICES[voice];
  return (
    <div className={clsx('flex h-10 flex-none items-center gap-2 border-b-2 px-5', tone)}>
      <Mark size={16} weight="fill" aria-hidden />
      <h2 className="flex-none font-semibold">{as ?? name}</h2>
      <span className="ml-auto line-clamp-2 text-right text-[12.5px] leading-tight text-ink/75">{children}</span>
    </div>
  );
}

/** The mark of a voice, beside its name. */
export function VoiceMark({ voice }: { voice: Voice }) {
  const { mark: Mark, tone } = VOICES[voice];
  return <Mark size={13} weight="fill" className={clsx('inline', tone.split(' ')[0])} aria-hidden />;
}

/** Says that a field is held, and lets it follow again. */
export function Held({ held, onFollow, what }: { held: boolean; onFollow: () => void; what: string }) {
  if (!held) return <span className="rounded bg-sup-soft px-1.5 text-[11.5px] font-semibold text-sup">follows</span>;
  return (
    <span className="inline-flex items-center gap-2">
      <span className="rounded bg-you-soft px-1.5 text-[11.5px] font-semibold text-you">held</span>
      <button
        type="button"
        onClick={onFollow}
        className="text-[12px] text-mute underline decoration-line underline-offset-2 hover:text-ink"
        aria-label={`let it follow: ${what}`}
      >
        let it follow
      </button>
    </span>
  );
}
