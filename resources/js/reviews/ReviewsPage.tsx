import { Head, Link, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useGiven } from '@/lib/useGiven';
import { useHandle } from '@/lib/useStall';
import { AskedAfter } from '@/reviews/AskedAfter';
import { BringIn } from '@/reviews/BringIn';
import { ReviewItem } from '@/reviews/ReviewItem';
import type { ReviewRowView, ReviewsView } from '@/types/reviews';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';

interface Props {
  reviews: ReviewRowView[];
  about: ReviewsView;
  next: string | null;
  previous: string | null;
}

const STATES: [string, string][] = [
  ['', 'All'],
  ['held', 'To be looked at'],
  ['shown', 'Shown'],
  ['hidden', 'Hidden'],
];

/** What buyers said: those that wait to be looked at, answered, or hidden for a stated reason. */
export default function ReviewsPage({ reviews: given, about, next, previous }: Props) {
  const handle = useHandle();
  const [reviews, setReviews] = useGiven(given);
  const all = about.counts.all ?? 0;
  const onReview = (now: ReviewRowView) => {
    setReviews((were) => were.map((one) => (one.id === now.id ? now : one)));
    router.reload({ only: ['about', 'frame'] });
  };
  return (
    <div className="pb-10">
      <Head title="Said of us" />
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-6 pt-5 pb-3">
        <Link href={route('counter', handle)} className="text-mute underline decoration-line underline-offset-4">
          Orders
        </Link>
        <h1 className="name text-[26px]">Said of us</h1>
        <nav aria-label="Which" className="flex flex-wrap gap-x-5">
          {STATES.map(([state, name]) => (
            <Link
              key={name}
              href={route('reviews', state === '' ? { stall: handle } : { stall: handle, state })}
              aria-current={(about.state ?? '') === state ? 'page' : undefined}
              className={clsx(
                (about.state ?? '') === state
                  ? 'font-semibold'
                  : 'text-mute underline decoration-line underline-offset-4',
              )}
            >
              {name} {state === '' ? all : about.counts[state]}
            </Link>
          ))}
        </nav>
        <Link
          href={route('reviews.questions', handle)}
          className="text-mute underline decoration-line underline-offset-4"
        >
          {about.questions === 0 ? 'Asked about goods' : `Asked about goods, ${String(about.questions)} to answer`}
        </Link>
        <AskedAfter days={about.after} />
      </div>
      {reviews.length === 0 ? (
        <Empty title={all === 0 ? 'Nobody has said anything yet' : 'None of these'}>
          Buyers are asked by mail once what they bought is there. What they say stands on the page of the goods; you
          can answer it, and hide it only for a reason that stands there too.
        </Empty>
      ) : (
        <ul aria-label="What buyers said" className="border-t border-line">
          {reviews.map((review) => (
            <ReviewItem key={review.id} review={review} reasons={about.reasons} onReview={onReview} />
          ))}
        </ul>
      )}
      <Pager previous={previous} next={next} />
      <BringIn />
    </div>
  );
}
