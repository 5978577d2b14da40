import { TrayPart } from '@/window/tray/TrayPart';

/** What the page weighs, at the right end of the tray. */
export function WeightPart({ weighs, open, onPull }: { weighs: string; open: string | null; onPull: () => void }) {
  return (
    <div className="ml-auto flex">
      <TrayPart name="weight" label="Weighs" open={open} onPull={onPull}>
        <span className="tabular-nums" data-weight>
          {weighs}
        </span>
      </TrayPart>
    </div>
  );
}
