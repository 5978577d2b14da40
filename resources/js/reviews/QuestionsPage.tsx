import { Head, Link } from '@inertiajs/react';
import { useGiven } from '@/lib/useGiven';
import { useHandle } from '@/lib/useStall';
import { QuestionItem } from '@/reviews/QuestionItem';
import type { QuestionView } from '@/types/reviews';
import { Empty } from '@/ui/Empty';
import { Pager } from '@/ui/Pager';

interface Props {
  questions: QuestionView[];
  waiting: number;
  next: string | null;
  previous: string | null;
}

/** What shoppers ask about goods, and the stall’s answers. */
export default function QuestionsPage({ questions: given, waiting, next, previous }: Props) {
  const handle = useHandle();
  const [questions, setQuestions] = useGiven(given);
  const onQuestion = (now: QuestionView) => {
    setQuestions((were) => were.flatMap((one) => (one.id !== now.id ? [one] : now.putBy ? [] : [now])));
  };
  return (
    <div className="pb-10">
      <Head title="Asked about goods" />
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-6 pt-5 pb-3">
        <Link href={route('reviews', handle)} className="text-mute underline decoration-line underline-offset-4">
          Said of us
        </Link>
        <h1 className="name text-[26px]">Asked about goods</h1>
        <span className="text-mute">
          {waiting === 0 ? 'Nothing waits for an answer.' : `${String(waiting)} not answered yet.`}
        </span>
      </div>
      {questions.length === 0 ? (
        <Empty title="Nobody has asked anything yet">
          Shoppers ask on the page of the goods. Your answer goes to them by mail; where they agreed, others read both.
        </Empty>
      ) : (
        <ul aria-label="What shoppers asked" className="border-t border-line">
          {questions.map((question) => (
            <QuestionItem key={question.id} question={question} onQuestion={onQuestion} />
          ))}
        </ul>
      )}
      <Pager previous={previous} next={next} />
    </div>
  );
}
