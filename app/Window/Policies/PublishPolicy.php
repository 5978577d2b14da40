<?php

declare(strict_types=1);

namespace WindowStall\Window\Policies;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Core\Policies\WrittenPolicy;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Support\Speech\Speech;

/** Puts a policy before shoppers as it says today, as a version of its own. None goes out with a blank. */
final class PublishPolicy
{
    /** @throws Refusal naming the blanks */
    public function __invoke(Stall $stall, PolicyKind $kind, ?User $by): PolicyVersion
    {
        $version = DB::transaction(static function () use ($stall, $kind, $by): PolicyVersion {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            $policy = WrittenPolicy::of($kind, TrueFacts::of($stall));
            $words = Speech::in($stall->language, static fn (): array => PolicyWords::of($policy));
            $there = PolicyThere::of($stall, [$kind])[$kind->value];
            $blanks = $policy->blanks();
            if ($blanks !== []) {
                throw new Refusal(sprintf(
                    '“%s” can’t be published yet. Say first: %s.',
                    $kind->heading(),
                    implode(', ', array_map(PolicyWords::blank(...), $blanks)),
                ));
            }
            $last = PolicyVersion::of($stall)->where('kind', $kind)->orderByDesc('number')->first();
            if ($last !== null && $last->words === $words && $last->words_there == $there) {
                return $last;
            }

            StalePages::frame($stall);

            return PolicyVersion::of($stall)->create([
                'kind' => $kind,
                'number' => ($last->number ?? 0) + 1,
                'words' => $words,
                'words_there' => $there,
                'published_by' => $by?->id,
                'published_at' => now(),
            ]);
        });

        return $version;
    }
}
