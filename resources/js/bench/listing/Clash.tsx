import type { Dispatch, SetStateAction } from 'react';
import { Button } from '@/ui/Button';

interface Props {
  clash: string;
  overrule: () => Promise<void>;
  stop: () => void;
  giveWay: () => Promise<void>;
  setFresh: Dispatch<SetStateAction<number>>;
}

/** Somebody else said otherwise meanwhile: one's own over it, or what stands. */
export function Clash({ clash, overrule, stop, giveWay, setFresh }: Props) {
  return (
    <div
      role="alert"
      className="flex flex-none items-center gap-4 border-t border-line bg-you-soft px-5 py-2"
      data-clash
    >
      <p className="flex-1">{clash}</p>
      <Button small onClick={() => void overrule().then(stop)}>
        Save mine over it
      </Button>
      <Button
        small
        kind="quiet"
        onClick={() =>
          void giveWay().then(() => {
            stop();
            setFresh((n) => n + 1);
          })
        }
      >
        Take what stands
      </Button>
    </div>
  );
}
