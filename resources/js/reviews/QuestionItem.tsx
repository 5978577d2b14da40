import { Link } from '@inertiajs/react';
import { useState } from 'react';
import { send } from '@/lib/http';
import { useSend } from '@/lib/useSend';
import { useHandle } from '@/lib/useStall';
import type { DraftedAnswerView, QuestionView } from '@/types/reviews';
import { AnswerField } from '@/reviews/AnswerField';
import { Button } from '@/ui/Button';

interface Props {
  question: QuestionView;
  onQuestion: (now: QuestionView) => void;
}

/** One question: answered where it stands, with a draft from what is known of the goods. */
export function QuestionItem({ question, onQuestion }: Props) {
  const handle = useHandle();
  const [open, setOpen] = useState(question.answer === '');
  const [words, setWords] = useState(question.answer);
  const [keep, setKeep] = useState(question.answer === '' ? question.mayShow : question.kept);
  const [said, setSaid] = useState('');
  const { busy, during } = useSend();
  const answer = () => {
    void during(
      send<QuestionView>('PUT', route('reviews.question.answer', [handle, question.id]), {
        words,
        keep: keep && question.mayShow,
      }).then((now) => {
        onQuestion(now);
        setOpen(false);
      }),
    );
  };
  const draft = () => {
    void during(
      send<DraftedAnswerView>('GET', route('reviews.question.draft', [handle, question.id])).then((drafted) => {
        setSaid(drafted.words === '' ? 'What is known of the goods doesn’t answer it.' : '');
        if (drafted.words !== '') setWords(drafted.words);
      }),
    );
  };
  return (
    <li
      className="grid gap-x-6 gap-y-2 border-b border-line bg-sheet px-6 py-3.5 md:grid-cols-[13rem_minmax(0,1fr)]"
      data-question={question.id}
    >
      <div>
        <Link href={route('bench.listing', [handle, question.listing])} className="font-medium hover:underline">
          {question.about}
        </Link>
        <p className="text-mute">{question.when}</p>
      </div>
      <div className="max-w-[74ch] min-w-0">
        <p className="whitespace-pre-line">{question.words}</p>
        {question.caution !== '' && <p className="mt-1 text-ochre">{question.caution}</p>}
        {open ? (
          <form
            className="mt-2"
            onSubmit={(e) => {
              e.preventDefault();
              answer();
            }}
          >
            <AnswerField words={words} onWords={setWords} />
            <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
              <Button small kind="do" type="submit" disabled={busy || words.trim() === ''}>
                {question.answer === '' ? 'Answer it' : 'Change the answer'}
              </Button>
              <Button small disabled={busy} onClick={draft}>
                Draft from facts
              </Button>
              {question.mayShow ? (
                <label className="flex items-center gap-2">
                  <input
                    type="checkbox"
                    checked={keep}
                    onChange={(e) => {
                      setKeep(e.target.checked);
                    }}
                    className="size-4 accent-[#a8431f]"
                  />
                  others read it, too
                </label>
              ) : (
                <span className="text-mute">Only who asked reads it.</span>
              )}
              {question.answer === '' && (
                <button
                  type="button"
                  className="ml-auto text-mute underline decoration-line underline-offset-4"
                  onClick={() => {
                    void during(
                      send<QuestionView>('PUT', route('reviews.question.put-by', [handle, question.id])).then(
                        onQuestion,
                      ),
                    );
                  }}
                >
                  Put it by
                </button>
              )}
            </div>
            <p role="status" className="text-mute">
              {said}
            </p>
          </form>
        ) : (
          <div className="mt-2 flex items-start gap-4 border-l-4 border-you pl-3">
            <p className="whitespace-pre-line">{`You answered: ${question.answer}`}</p>
            <span className="whitespace-nowrap text-mute">
              {question.kept ? 'Others read it.' : 'Only who asked reads it.'}
            </span>
            <Button
              small
              className="ml-auto"
              onClick={() => {
                setOpen(true);
              }}
            >
              Change the answer
            </Button>
          </div>
        )}
      </div>
    </li>
  );
}
