import { clsx } from 'clsx';
import { useState, type ReactNode } from 'react';
import type { AuditView, LookChoicesView, LookView } from '@/types';
import type { Copy, LookDraft } from '@/window/copy';
import { ChoicesDrawer } from '@/window/tray/ChoicesDrawer';
import { ColoursDrawer } from '@/window/tray/ColoursDrawer';
import { LooksDrawer } from '@/window/tray/LooksDrawer';
import { TonesDrawer } from '@/window/tray/TonesDrawer';
import { WeightDrawer } from '@/window/tray/WeightDrawer';
import type { Galley } from '@/window/useGalley';

interface Props {
  galley: Galley;
  choices: LookChoicesView;
  audit: AuditView;
  onChange: (next: Copy, what: string) => void;
}

export interface DrawerProps {
  draft: LookDraft;
  look: LookView;
  choices: LookChoicesView;
  onDecide: (decided: Partial<LookDraft>, what: string) => void;
}

const TYPE = [
  { name: 'pair', words: 'The typefaces are' },
  { name: 'size', words: 'headings are' },
  { name: 'weight', words: 'and their weight is' },
];
const SHAPE = [
  { name: 'build', words: 'Pages are built as' },
  { name: 'corner', words: 'corners are' },
  { name: 'line', words: 'between things stand' },
  { name: 'shadow', words: 'things cast' },
  { name: 'density', words: 'and lie' },
];
const PICTURES = [
  { name: 'ratio', words: 'Pictures of goods are cut' },
  { name: 'ground', words: 'stand on' },
  { name: 'frame', words: 'and are' },
];

/** The look along the bottom: what was decided and what was computed from it. Each part opens upward. */
export function Tray({ galley, choices, audit, onChange }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const { look, copy } = galley;
  const draft = copy.look;
  const onDecide: DrawerProps['onDecide'] = (decided, what) => {
    onChange({ ...copy, look: { ...draft, ...decided } }, `look ${what}`);
  };
  const drawer: DrawerProps = { draft, look, choices, onDecide };
  const pull = (name: string) => () => {
    setOpen(open === name ? null : name);
  };
  return (
    <div className="relative flex-none" data-tray>
      {open && (
        <section
          aria-label={`Drawer: ${open}`}
          className={clsx(
            'absolute inset-x-0 bottom-full z-30 max-h-[62vh] overflow-auto border-t-2 border-till',
            'bg-sheet px-6 py-5 shadow-[0_-14px_40px_rgb(0_0_0/0.14)]',
          )}
          onKeyDown={(e) => {
            if (e.key === 'Escape') setOpen(null);
          }}
        >
          {open === 'look' && <LooksDrawer {...drawer} galley={galley} />}
          {open === 'colours' && <ColoursDrawer {...drawer} />}
          {open === 'tones' && <TonesDrawer look={look} />}
          {open === 'type' && <ChoicesDrawer {...drawer} title="Type" parts={TYPE} />}
          {open === 'shape' && <ChoicesDrawer {...drawer} title="Shape" parts={SHAPE} />}
          {open === 'pictures' && <ChoicesDrawer {...drawer} title="Pictures" parts={PICTURES} />}
          {open === 'weight' && <WeightDrawer weights={audit.weights} />}
        </section>
      )}
      <div className="flex items-stretch gap-1 overflow-x-auto bg-till px-5 text-[#f3ead9]">
        <Part name="look" label="Look" open={open} onPull={pull('look')}>
          <span className="name text-[16px]">{look.name}</span>
        </Part>
        <Part name="colours" label="Colours" open={open} onPull={pull('colours')}>
          <span className="flex gap-1">
            {look.colours.map((c, n) => (
              <span key={n} className="size-[22px] rounded-full border border-white/25" style={{ background: c }} />
            ))}
          </span>
        </Part>
        <Part name="tones" label={`Tones, least contrast ${look.contrast} to 1`} open={open} onPull={pull('tones')}>
          <span className="flex overflow-hidden rounded-sm">
            {['ground', 'sheet', 'band', 'soft', 'ink', 'mute', 'fill', 'deep', 'second', 'third'].map((tone) => (
              <span key={tone} className="h-[18px] w-5" style={{ background: look.tones[tone] }} />
            ))}
          </span>
        </Part>
        <Part name="type" label="Type" open={open} onPull={pull('type')}>
          {look.pair}
        </Part>
        <Part name="shape" label="Shape" open={open} onPull={pull('shape')}>
          {look.shape}
        </Part>
        <Part name="pictures" label="Pictures" open={open} onPull={pull('pictures')}>
          {look.pictures}
        </Part>
        <div className="ml-auto flex">
          <Part name="weight" label="Weighs" open={open} onPull={pull('weight')}>
            <span className="tabular-nums" data-weight>
              {audit.weighs}
            </span>
          </Part>
        </div>
      </div>
    </div>
  );
}

interface PartProps {
  name: string;
  label: string;
  open: string | null;
  onPull: () => void;
  children: ReactNode;
}

function Part({ name, label, open, onPull, children }: PartProps) {
  return (
    <button
      type="button"
      aria-expanded={open === name}
      data-part={name}
      onClick={onPull}
      className={clsx(
        'flex h-[56px] flex-none flex-col justify-center gap-0.5 px-3 text-left whitespace-nowrap',
        open === name ? 'bg-white/12' : 'hover:bg-white/8',
      )}
    >
      <span className="block text-[11.5px] leading-none text-[#c9bba4]">{label}</span>
      <span className="flex h-[22px] items-center text-[13.5px]">{children}</span>
    </button>
  );
}
