<?php

declare(strict_types=1);

namespace WindowStall\Window\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use WindowStall\Core\Window\TagKind;
use WindowStall\Core\Window\TagRule;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Window\Views\CornerTagsView;
use WindowStall\Window\Window;

/** Which corner tags goods have, and which of several that hold comes first. */
final class CornerTagsController
{
    public function update(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate([
            'rules' => 'present|array|max:10',
            'rules.*.kind' => ['required', Rule::enum(TagKind::class)],
            'rules.*.on' => 'required|boolean',
            'rules.*.number' => 'required|integer',
        ]);
        $rules = TagRule::all(array_map(static fn (array $one): array => [
            'kind' => $one['kind'],
            'on' => (bool) $one['on'],
            'number' => self::fitting(TagKind::from($one['kind']), (int) $one['number']),
        ], array_values($typed['rules'])));
        DB::transaction(static function () use ($stall, $rules): void {
            $stall->update(['corner_tags' => array_map(static fn (TagRule $rule): array => $rule->toArray(), $rules)]);
            Window::query()->whereKey($stall->id)->lockForUpdate()->firstOrFail()->turnNext();
            StalePages::frame($stall);
        });

        return new JsonResponse(CornerTagsView::of($stall));
    }

    /** @throws Refusal */
    private static function fitting(TagKind $kind, int $number): int
    {
        $range = $kind->range();
        if ($range !== null && ($number < $range[0] || $number > $range[1])) {
            throw new Refusal(sprintf('This number is between %d and %d.', ...$range));
        }

        return $number;
    }
}
