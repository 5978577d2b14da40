<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http\Api;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use WindowStall\Bench\Listing;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Money\Money;
use WindowStall\Drift\Deciding\Decide;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\History\Moment;
use WindowStall\Drift\History\Timeline;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Page;

/** What suppliers changed, as programs read it; and what was said of a listing in the course of time. */
final readonly class DriftController
{
    /** What a token has to be allowed. */
    public const DECIDE = 'decide';

    /** Whether from now on the same is done by itself, and for what. */
    public const FOR = ['once', 'listing', 'supplier'];

    /** GET /api/v1/drift: changes, oldest first; those that wait unless "standing" names others. */
    public function index(Request $request): JsonResponse
    {
        $stall = self::stall($request);
        $page = Page::of($request);
        $known = array_column(Standing::cases(), 'value');
        $request->validate(
            ['standing' => ['sometimes', Rule::in($known)]],
            ['standing' => 'One of these belongs here: '.implode(', ', $known).'.'],
        );
        $standing = $request->enum('standing', Standing::class) ?? Standing::Asks;
        $rows = DriftChange::query()
            ->where('stall_id', $stall->id)
            ->where('standing', $standing)
            ->where('id', '>', $page->after)
            ->whereHas('listing')
            ->with('connection')
            ->orderBy('id')
            ->limit($page->limit + 1)
            ->get();

        return $page->answer($rows, static fn (DriftChange $change): array => self::change($stall, $change));
    }

    /**
     * POST /api/v1/drift/decisions: lets changes count, or keeps what was agreed; one step, which people can take back.
     */
    public function decide(Request $request, Decide $decide): JsonResponse
    {
        $stall = self::stall($request);
        abort_unless($stall->tokenCan(self::DECIDE), 403, 'This token may read, and not decide.');
        $typed = $request->validate([
            'changes' => 'required|array|min:1|max:'.Decide::MOST,
            'changes.*' => 'integer|min:1|max:9000000000000000',
            'agree' => 'required|boolean',
            'for' => ['sometimes', Rule::in(self::FOR)],
        ], [
            'changes' => 'A list of 1 to '.Decide::MOST.' ids of changes belongs here.',
            'changes.*' => 'The id of a change belongs here.',
            'agree' => 'True or false belongs here.',
            'for' => 'One of these belongs here: '.implode(', ', self::FOR).'.',
        ]);
        $ids = array_values(array_map(intval(...), (array) $typed['changes']));
        $step = $decide($stall, null, $ids, (bool) $typed['agree'], $typed['for'] ?? 'once');
        $decided = DriftChange::query()->where('change_id', $step->id)
            ->where('standing', '<>', Standing::Settled)->orderBy('id')->pluck('id')->all();

        return new JsonResponse(['step' => $step->id, 'words' => $step->words, 'decided' => $decided]);
    }

    /** GET /api/v1/listings/{listing}/history: newest first. */
    public function history(Request $request, int $listing): JsonResponse
    {
        $stall = self::stall($request);
        $moments = Timeline::of($stall, Listing::of($stall)->findOrFail($listing));

        return new JsonResponse([
            'data' => array_map(
                static fn (Moment $m): array => [
                    'at' => $m->at->toIso8601String(),
                    'voice' => $m->voice,
                    'who' => $m->who,
                    'about' => $m->about,
                    'before' => $m->before,
                    'after' => $m->after,
                    'came' => $m->came,
                ],
                $moments,
            ),
        ]);
    }

    /** @return array<string, mixed> */
    private static function change(Stall $stall, DriftChange $change): array
    {
        $amount = static fn (?int $minor): ?string => $minor === null
            ? null
            : (new Money($minor, $stall->currencyValue()))->digits();

        return [
            'id' => $change->id,
            'listing' => $change->listing_id,
            'supplier' => $change->connection?->name,
            'kind' => $change->kind->value,
            'variant' => $change->variant,
            'before' => $change->before,
            'after' => $change->after,
            'standing' => $change->standing->value,
            'rule' => $change->rule,
            'price_was' => $amount($change->price_was),
            'price_agreed' => $amount($change->price_agreed === 0 ? null : $change->price_agreed),
            'keep_was' => $amount($change->keep_was),
            'keep_kept' => $amount($change->keep_kept),
            'keep_agreed' => $amount($change->keep_agreed),
            'under_floor' => $change->under_floor,
            'at' => $change->at->toIso8601String(),
        ];
    }

    private static function stall(Request $request): Stall
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);

        return $stall;
    }
}
