<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Carbon;
use WindowStall\Core\Drift\Docket\Effect;
use WindowStall\Core\Drift\Docket\Question;
use WindowStall\Core\Drift\Standing;
use WindowStall\Drift\DriftChange;
use WindowStall\Runs\Run;

/** A question of a docket as a row of changes: read from it, and as columns that are written. */
final readonly class OpenQuestion
{
    public static function of(DriftChange $row): Question
    {
        return new Question(
            item: $row->supplier_item_id,
            kind: $row->kind,
            variant: $row->variant,
            said: $row->said,
            after: $row->after,
            standing: $row->standing,
            rule: $row->rule,
            movedBp: $row->moved_bp,
            sold: $row->listing_variant_id,
        );
    }

    /** @return array<string, mixed> columns of a new one, but for whose it is and what its variant cost shoppers then */
    public static function noted(Effect $effect, ?Run $run): array
    {
        $question = $effect->question;

        return [
            'supplier_item_id' => $question->item,
            'listing_variant_id' => is_int($question->sold) ? $question->sold : null,
            'run_id' => $run?->id,
            'kind' => $question->kind,
            'variant' => $question->variant,
            'about' => mb_substr((string) $effect->change?->about, 0, 300),
            'before' => (string) $effect->change?->before,
            'after' => $question->after,
            'said' => $question->said,
            'standing' => $question->standing,
            'rule' => mb_substr($question->rule, 0, 200),
            'moved_bp' => $question->movedBp,
            'at' => Carbon::now()->toDateTimeString(),
        ];
    }

    /** @return array<string, mixed> columns of one of which something else is said by now; prices are made of it anew */
    public static function wentOn(DriftChange $row, Question $question, ?Run $run): array
    {
        return [
            'asked' => $row->asked || $row->standing === Standing::Asks,
            'after' => $question->after,
            'said' => $question->said,
            'standing' => $question->standing,
            'rule' => mb_substr($question->rule, 0, 200),
            'moved_bp' => $question->movedBp,
            'price_agreed' => null,
            'at' => Carbon::now(),
        ] + ($run === null ? [] : ['run_id' => $run->id]);
    }

    /** @return array{after: string, standing: Standing, rule: string} columns of one that is no longer said */
    public static function takenBack(Question $question): array
    {
        return ['after' => $question->after] + DriftChange::TAKEN_BACK;
    }
}
