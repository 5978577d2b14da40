<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Support\Carbon;
use WindowStall\Bench\Listing;
use WindowStall\Reviews\Questions\AnswerQuestion;
use WindowStall\Reviews\Questions\AskQuestion;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Stall\Stall;

/** What shoppers asked about goods: some of it answered and kept for others, some that waits. */
final readonly class Asked
{
    /** Goods, question, answer ("" while it waits), days ago. */
    private const QUESTIONS = [
        ['jute-garden-twine', 'Is it treated with anything? I tie up what I eat.', 'With nothing. It is plain jute, spun dry.', 40],
        ['jute-garden-twine', 'How long is a spool?', 'Both sizes say their length in the options; the small one does a row of beans.', 22],
        ['goatskin-gloves', 'Which size for a hand 19 cm round?', 'Medium. They give a little after a week.', 12],
        ['goatskin-gloves', 'When would they be in Port Ewer, and can I send them back if they don’t fit?', '', 1],
    ];

    public function __construct(private Stall $stall)
    {
    }

    public function make(): void
    {
        foreach (self::QUESTIONS as $n => [$slug, $words, $answer, $days]) {
            $listing = Listing::of($this->stall)->where('slug', $slug)->first();
            if ($listing === null) {
                continue;
            }
            app(AskQuestion::class)($this->stall, $listing, $words, 'asker-'.$n.'@shoppers.example', 'en', mayShow: true);
            $question = GoodsQuestion::of($this->stall)->latest('id')->firstOrFail();
            if ($answer !== '') {
                // Of long ago: no mail goes out for it now.
                $question->update(['email' => null]);
                app(AnswerQuestion::class)($this->stall, $question, $answer, keep: true);
                $question->refresh()->update(['answered_at' => Carbon::now()->subDays($days - 1)]);
            }
            $question->update(['asked_at' => Carbon::now()->subDays($days)]);
        }
        $this->stall->update(['corner_tags' => [
            ['kind' => 'few', 'on' => true, 'number' => 12],
            ['kind' => 'printed', 'on' => true, 'number' => 0],
            ['kind' => 'by_day', 'on' => true, 'number' => 5],
        ]]);
    }
}
