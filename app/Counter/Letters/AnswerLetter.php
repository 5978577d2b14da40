<?php

declare(strict_types=1);

namespace WindowStall\Counter\Letters;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Counter\Mail\LetterAnswered;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Window\Policies\Particulars;

/** Answers a letter: kept with it, and mailed to the shopper. The same answer sent twice goes out once. */
final class AnswerLetter
{
    public function __invoke(Stall $stall, Letter $letter, ?User $by, string $words): void
    {
        DB::transaction(static function () use ($stall, $letter, $by, $words): void {
            $locked = Letter::query()->whereKey($letter->id)->lockForUpdate()->firstOrFail();
            $last = $locked->lines()->reorder()->orderByDesc('id')->first();
            if ($last?->ours === true && $last->words === $words) {
                return;
            }
            TakeLetter::add($locked, true, $words, $by?->id);
            $locked->update(['open' => false, 'last_at' => now()]);
            $answers = Particulars::of($stall)->email ?? $by?->email;
            Mail::to($letter->email)->locale($letter->language)
                ->queue(new LetterAnswered($stall->name, $letter->name, $words, $answers));
        });
    }
}
