<?php

declare(strict_types=1);

namespace WindowStall\Drift\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use WindowStall\Bench\ProjectListings;
use WindowStall\Drift\Following\KeepBack;
use WindowStall\Drift\Rules\RuleBook;
use WindowStall\Drift\Views\RulesSheetView;
use WindowStall\Stall\Stall;

/** Rules for what suppliers change, for all of them and for each, and how much one pull may do by itself. */
final readonly class RulesController
{
    public function index(Stall $stall): JsonResponse
    {
        return new JsonResponse(RulesSheetView::of($stall, RuleBook::of($stall)));
    }

    /** When the mail goes out with what asks; null: never. */
    public function digest(Request $request, Stall $stall): JsonResponse
    {
        $typed = $request->validate(['hour' => 'present|nullable|integer|between:0,23']);
        $stall->update(['digest_hour' => $typed['hour'] === null ? null : (int) $typed['hour']]);

        return $this->index($stall);
    }

    public function update(Request $request, Stall $stall, ProjectListings $project): JsonResponse
    {
        $book = RuleBook::of($stall);
        array_map($book->edit(...), RuleEdits::of($request, $stall));
        $keptBack = $book->save();
        foreach ($keptBack as $connection) {
            KeepBack::of($connection);
        }
        if ($keptBack !== []) {
            $project($stall);
        }

        return $this->index($stall);
    }
}
