import { AmountsOfCard } from '@/bench/own/AmountsOfCard';
import { AppointmentList } from '@/bench/own/AppointmentList';
import { FileOfOwn } from '@/bench/own/FileOfOwn';
import { useHandle } from '@/lib/useStall';
import { send } from '@/lib/http';
import type { ListingView, OwnGoodView } from '@/types/bench';

interface Props {
  listing: number;
  own: OwnGoodView;
  onSay: (call: Promise<ListingView>) => Promise<boolean>;
}

/** What shoppers get of something of the stall's own, where a supplier's word stands otherwise. */
export function OwnPanel({ listing, own, onSay }: Props) {
  const handle = useHandle();
  const say = (what: object) => onSay(send<ListingView>('PUT', route('bench.own.update', [handle, listing]), what));
  return (
    <div className="min-h-0 flex-1 overflow-auto px-5 pb-8" tabIndex={0} role="group" aria-label="What shoppers get">
      {own.giving === 'download' ? (
        <FileOfOwn
          own={own}
          onSay={say}
          onFile={(form) => onSay(send<ListingView>('POST', route('bench.own.file', [handle, listing]), form))}
        />
      ) : own.giving === 'gift_card' ? (
        <AmountsOfCard own={own} onSay={say} />
      ) : (
        <AppointmentList own={own} onSay={say} />
      )}
    </div>
  );
}
