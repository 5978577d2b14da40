import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { send } from '@/lib/http';
import { sayTrouble } from '@/lib/trouble';
import { useHandle } from '@/lib/useStall';
import { AnswerForm } from '@/reviews/AnswerForm';
import type { ReviewRowView } from '@/types/reviews';
import { Button } from '@/ui/Button';

interface Props {
  review: ReviewRowView;
  /** For which reasons one may be hidden, in words. */
  reasons: Record<string, string>;
  onReview: (now: ReviewRowView) => void;
}

/** One review: what was said, how it stands, and what the stall does with it. */
export function ReviewItem({ review, reasons, onReview }: Props) {
  const handle = useHandle();
  const [answering, setAnswering] = useState(false);
  const ask = (name: 'reviews.answer' | 'reviews.show' | 'reviews.hide', body: Record<string, unknown>) =>
    send<ReviewRowView>('PUT', route(name, [handle, review.id]), body)
      .then((now) => {
        onReview(now);
        setAnswering(false);
      })
      .catch(sayTrouble);
  return (
    <li
      className="grid gap-x-6 gap-y-2 border-b border-line bg-sheet px-6 py-3.5 md:grid-cols-[13rem_minmax(0,1fr)_auto]"
      data-review={review.id}
      data-state={review.state}
    >
      <div>
        <p>
          <span className="sr-only">{review.stars} of 5 stars</span>
          <span aria-hidden="true" className="tracking-[2px]">
            {'★'.repeat(review.stars)}
            <span className="text-rule/40">{'★'.repeat(5 - review.stars)}</span>
          </span>
        </p>
        <Link href={route('bench.listing', [handle, review.listing])} className="font-medium hover:underline">
          {review.about}
        </Link>
        <p className="text-mute">
          {review.who}, {review.when}
        </p>
      </div>
      <div className="max-w-[74ch] min-w-0">
        <p className="whitespace-pre-line">{review.words || <span className="text-mute">Stars, no words.</span>}</p>
        {review.pictures.length > 0 && (
          <div className="mt-2 flex gap-2">
            {review.pictures.map((url) => (
              <img
                key={url}
                src={url}
                alt="Sent by the buyer"
                className="size-24 rounded-md border border-line object-cover"
              />
            ))}
          </div>
        )}
        {review.stands !== '' && <p className="mt-1 text-ochre">{review.stands}</p>}
        {answering ? (
          <AnswerForm given={review.answer} onSay={(words) => void ask('reviews.answer', { words })} />
        ) : (
          review.answer !== '' && <p className="mt-2 border-l-4 border-you pl-3">You answered: {review.answer}</p>
        )}
      </div>
      <div className="flex items-start gap-3">
        {!answering && (
          <Button
            small
            onClick={() => {
              setAnswering(true);
            }}
          >
            {review.answer === '' ? 'Answer' : 'Change the answer'}
          </Button>
        )}
        {review.state !== 'shown' && (
          <Button small onClick={() => void ask('reviews.show', {})}>
            Show it
          </Button>
        )}
        {review.state !== 'hidden' && (
          <select
            aria-label="Hide it, because"
            value=""
            onChange={(e) => void ask('reviews.hide', { because: e.target.value })}
            className="h-8 max-w-44 rounded-md border border-line bg-transparent px-2 text-[13.5px]"
          >
            <option value="" disabled>
              Hide it, because …
            </option>
            {Object.entries(reasons).map(([because, words]) => (
              <option key={because} value={because}>
                {words}
              </option>
            ))}
          </select>
        )}
      </div>
    </li>
  );
}
