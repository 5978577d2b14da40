import { Head, router } from '@inertiajs/react';
import { useState } from 'react';
import { toast } from 'sonner';
import type { KindView, StarterView, WindowGoodView, WindowView } from '@/types';
import { Button } from '@/ui/Button';
import { PhoneFrame } from '@/ui/PhoneFrame';
import { VoiceMark } from '@/ui/Voices';
import { LookForm } from '@/window/LookForm';
import { SectionForm } from '@/window/SectionForm';
import { SectionList } from '@/window/SectionList';
import { useWorkingCopy } from '@/window/useWorkingCopy';

interface Props {
  window: WindowView;
  kinds: KindView[];
  starters: StarterView[];
  goods: WindowGoodView[];
  shopUrl: string;
}

/** Dressing the window: the sections, the phone, and the settings of the one in hand. */
export default function WindowPage({ window: given, kinds, starters, goods, shopUrl }: Props) {
  const copy = useWorkingCopy(given);
  const [at, setAt] = useState<string>('look');
  const section = copy.sections.find((s) => s.id === at);
  const kind = kinds.find((k) => k.key === section?.kind);

  return (
    <div className="grid min-h-0 flex-1 grid-cols-[290px_1fr_330px]">
      <Head title="Window" />
      <section aria-label="Sections" className="min-h-0 overflow-auto border-r border-line bg-sheet px-4 py-4">
        <h1 className="name text-[22px]">The front page</h1>
        <p className="mb-3 text-mute" role="status" data-changed={copy.view.changed}>
          {copy.saving ? 'Saving…' : copy.view.changed ? 'Changed since the last publishing' : `As shoppers see it, ${copy.view.published}`}
        </p>
        <button
          type="button"
          onClick={() => {
            setAt('look');
          }}
          aria-pressed={at === 'look'}
          className={`mb-2 flex w-full items-center gap-2 border-b border-line px-2 py-2.5 text-left ${at === 'look' ? 'border-l-[3px] border-l-you bg-you-soft font-semibold' : 'hover:bg-paper'}`}
        >
          The look
          <span className="ml-auto flex gap-1" aria-hidden>
            {['fill', 'band', 'soft', 'ground'].map((tone) => (
              <span key={tone} className="size-4 rounded-sm border border-black/10" style={{ background: copy.view.tones[tone] }} />
            ))}
          </span>
        </button>
        <SectionList sections={copy.sections} kinds={kinds} at={at} onAt={setAt} onChange={copy.setSections} />
      </section>
      <section aria-label="The shopper’s phone" className="flex min-h-0 flex-col bg-[#ece4d2] px-4 pt-3">
        <div className="mb-3 flex items-center gap-3">
          <span className="font-semibold text-see">
            <VoiceMark voice="see" /> Shopper sees
          </span>
          <span className="text-mute">390 wide, {copy.view.changed ? 'not published yet' : 'published'}</span>
          <a
            href={shopUrl}
            target="_blank"
            rel="noreferrer"
            className="ml-auto text-mute underline decoration-rule/50 underline-offset-4 hover:text-ink"
          >
            The published shop
          </a>
        </div>
        <PhoneFrame
          src={copy.view.previewUrl}
          stamp={copy.view.version}
          title="The front page as the shopper’s phone shows it"
          width={352}
        />
      </section>
      <section aria-label="Settings" className="flex min-h-0 flex-col border-l border-line bg-sheet">
        <div className="flex items-center gap-2 px-5 pt-4 pb-2">
          <h2 className="name text-[21px]">{section ? section.label : 'The look'}</h2>
          <div className="ml-auto flex items-center gap-3">
            {copy.view.changed && (
              <Button kind="quiet" onClick={() => void copy.back()}>
                Go back
              </Button>
            )}
            <Button
              kind="do"
              disabled={!copy.view.changed || copy.saving}
              onClick={() => {
                void copy.publish().then(() => {
                  router.reload({ only: ['frame'] });
                });
              }}
            >
              Publish
            </Button>
          </div>
        </div>
        {copy.trouble && (
          <p role="alert" className="mx-5 mb-2 border-l-4 border-you bg-you-soft px-3 py-2">
            {copy.trouble}
          </p>
        )}
        <div className="min-h-0 flex-1 overflow-auto px-5 pb-8">
          {section && kind ? (
            <SectionForm
              key={section.id}
              kind={kind}
              section={section}
              goods={goods}
              onChange={(settings) => {
                copy.setSections(copy.sections.map((s) => (s.id === section.id ? { ...s, settings } : s)));
              }}
              onRemove={() => {
                const before = copy.sections;
                copy.setSections(before.filter((s) => s.id !== section.id));
                toast(`${section.label} is gone from the page.`, {
                  action: { label: 'Undo', onClick: () => copy.setSections(before) },
                  duration: 9000,
                });
                setAt('look');
              }}
            />
          ) : (
            <LookForm look={copy.look} view={copy.view} starters={starters} onChange={copy.setLook} onTrouble={copy.setTrouble} />
          )}
        </div>
      </section>
    </div>
  );
}
