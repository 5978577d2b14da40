<?php

declare(strict_types=1);

namespace WindowStall\Reviews\Questions;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** The stall answers a question: by mail to who asked, and for others to read where that was agreed to. */
final class AnswerQuestion
{
    /**
     * @param  bool  $keep  whether others read it
     *
     * @throws Refusal
     */
    public function __invoke(Stall $stall, GoodsQuestion $question, string $answer, bool $keep): GoodsQuestion
    {
        if ($answer === '') {
            throw new Refusal('An answer has words. Put the question by, if it needs none.');
        }

        return $this->change($stall, $question, static function (GoodsQuestion $now) use ($stall, $answer, $keep): void {
            if ($keep && ! $now->may_show) {
                throw new Refusal('Who asked didn’t agree that others read it. They get the answer by mail.');
            }
            $email = $now->email;
            $now->update([
                'answer' => $answer,
                'answered_at' => $now->answered_at ?? now(),
                'kept' => $keep,
                'put_by' => false,
                'email' => null,
            ]);
            if ($email !== null && $now->listing !== null) {
                Mail::to($email)->locale($now->language)->queue((new QuestionLetter(
                    shop: $stall->name,
                    goods: $stall->speaking($now->language)->phrases()->say($now->listing->shown_title),
                    question: $now->words,
                    answer: $answer,
                    link: $stall->shopAddress('/goods/'.$now->listing->slug),
                ))->afterCommit());
            }
        });
    }

    /** Without an answer; who asked is forgotten. */
    public function putBy(Stall $stall, GoodsQuestion $question): GoodsQuestion
    {
        return $this->change($stall, $question, static fn (GoodsQuestion $now): bool => $now->update([
            'put_by' => true,
            'kept' => false,
            'email' => null,
        ]));
    }

    /** @param  callable(GoodsQuestion): mixed  $do */
    private function change(Stall $stall, GoodsQuestion $question, callable $do): GoodsQuestion
    {
        return DB::transaction(static function () use ($stall, $question, $do): GoodsQuestion {
            $now = GoodsQuestion::of($stall)->with('listing')->lockForUpdate()->findOrFail($question->id);
            $do($now);
            StalePages::goods($stall, array_filter([(string) $now->listing?->slug]));

            return $now;
        });
    }
}
