import type { DrawerProps } from '@/window/tray/props';
import { useState, type ReactNode } from 'react';
import type { AuditView, LookChoicesView } from '@/types/window';
import type { Copy } from '@/window/copy';
import { ChoicesDrawer } from '@/window/tray/ChoicesDrawer';
import { ColoursDrawer } from '@/window/tray/ColoursDrawer';
import { LooksDrawer } from '@/window/tray/LooksDrawer';
import { TonesDrawer } from '@/window/tray/TonesDrawer';
import { TrayBar } from '@/window/tray/TrayBar';
import { TrayPart } from '@/window/tray/TrayPart';
import { WeightDrawer } from '@/window/tray/WeightDrawer';
import { WeightPart } from '@/window/tray/WeightPart';
import type { Galley } from '@/window/useGalley';

interface Props {
  galley: Galley;
  choices: LookChoicesView;
  audit: AuditView;
  onChange: (next: Copy, what: string) => void;
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
  const drawers: Record<string, ReactNode> = {
    look: <LooksDrawer {...drawer} galley={galley} />,
    colours: <ColoursDrawer {...drawer} />,
    tones: <TonesDrawer look={look} />,
    type: <ChoicesDrawer {...drawer} title="Type" parts={TYPE} />,
    shape: <ChoicesDrawer {...drawer} title="Shape" parts={SHAPE} />,
    pictures: <ChoicesDrawer {...drawer} title="Pictures" parts={PICTURES} />,
    weight: <WeightDrawer weights={audit.weights} />,
  };
  return (
    <TrayBar open={open} onClose={() => setOpen(null)} drawer={open === null ? null : drawers[open]}>
      <TrayPart name="look" label="Look" open={open} onPull={pull('look')}>
        <span className="name text-[16px]">{look.name}</span>
      </TrayPart>
      <TrayPart name="colours" label="Colours" open={open} onPull={pull('colours')}>
        <span className="flex gap-1">
          {look.colours.map((c, n) => (
            <span key={n} className="size-[22px] rounded-full border border-white/25" style={{ background: c }} />
          ))}
        </span>
      </TrayPart>
      <TrayPart name="tones" label={`Tones, least contrast ${look.contrast} to 1`} open={open} onPull={pull('tones')}>
        <span className="flex overflow-hidden rounded-sm">
          {['ground', 'sheet', 'band', 'soft', 'ink', 'mute', 'fill', 'deep', 'second', 'third'].map((tone) => (
            <span key={tone} className="h-[18px] w-5" style={{ background: look.tones[tone] }} />
          ))}
        </span>
      </TrayPart>
      <TrayPart name="type" label="Type" open={open} onPull={pull('type')}>
        {look.pair}
      </TrayPart>
      <TrayPart name="shape" label="Shape" open={open} onPull={pull('shape')}>
        {look.shape}
      </TrayPart>
      <TrayPart name="pictures" label="Pictures" open={open} onPull={pull('pictures')}>
        {look.pictures}
      </TrayPart>
      <WeightPart weighs={audit.weighs} open={open} onPull={pull('weight')} />
    </TrayBar>
  );
}
