import { Button } from '@/ui/Button';

interface Props {
  /** What the one next step is called. */
  say: string;
  /** What taking it out is called; left out where it can't be. */
  remove?: string;
  onRemove?: (() => Promise<boolean>) | null | undefined;
  onDone: () => void;
}

/** The foot of a small sheet in which a part of a sentence is changed: say it, or take it out. */
export function SayFoot({ say, remove = 'Take it out', onRemove, onDone }: Props) {
  return (
    <div className="flex items-center">
      {onRemove && (
        <Button kind="quiet" onClick={() => void onRemove().then(onDone)}>
          {remove}
        </Button>
      )}
      <Button kind="do" small type="submit" className="ml-auto">
        {say}
      </Button>
    </div>
  );
}
