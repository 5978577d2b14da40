<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use WindowStall\Bench\Patch\EditMany;
use WindowStall\Runs\Views\RunView;
use WindowStall\Shelves\Jobs\RenameMany;
use WindowStall\Shelves\RenameFiling;
use WindowStall\Shelves\Views\FilingAnswerView;
use WindowStall\Shelves\Views\FilingView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Typed;

/** The tags and types of a stall, renamed and joined everywhere at once. */
final class FilingController
{
    private const MOST = 200;

    private const NAMES = <<<'SQL'
        SELECT kind, name, listings
        FROM (
            SELECT 'type' AS kind, min(own_type) AS name, count(*) AS listings
            FROM listings
            WHERE stall_id = :stall AND deleted_at IS NULL AND own_type <> ''
            GROUP BY lower(own_type COLLATE "und-x-icu")
            UNION ALL
            SELECT 'tag', min(tag.name), count(*)
            FROM listings
            CROSS JOIN LATERAL jsonb_array_elements_text(own_tags) AS tag (name)
            WHERE stall_id = :stall AND deleted_at IS NULL
            GROUP BY lower(tag.name COLLATE "und-x-icu")
        ) AS filing
        WHERE name ILIKE :like
        ORDER BY kind DESC, listings DESC, name
        LIMIT :most
        SQL;

    public function index(Request $request, Stall $stall): JsonResponse
    {
        return self::answer($stall, Typed::text($request, 'q'), null, '');
    }

    public function rename(Request $request, Stall $stall, RenameFiling $rename): JsonResponse
    {
        $typed = $request->validate([
            'kind' => ['required', Rule::in(array_keys(RenameFiling::KINDS))],
            'from' => 'required|string|max:60',
            'to' => 'present|nullable|string|max:40',
            'q' => 'sometimes|nullable|string|max:120',
        ]);
        $said = ['kind' => $typed['kind'], 'from' => $typed['from'], 'to' => trim((string) $typed['to'])];
        $words = (string) ($typed['q'] ?? '');
        if (count(RenameFiling::listings($stall, $said['kind'], $said['from'])) > EditMany::AT_ONCE) {
            $run = RenameMany::start($stall, User::asking($request), $said);

            return self::answer($stall, $words, null, '', RunView::of($run));
        }
        $patched = $rename($stall, User::asking($request), $said['kind'], $said['from'], $said['to']);

        return self::answer(
            $stall,
            $words,
            $patched->step?->id,
            $patched->step->words ?? 'It stands so already.',
        );
    }

    private static function answer(
        Stall $stall,
        string $words,
        ?int $change,
        string $said,
        ?RunView $run = null,
    ): JsonResponse {
        $rows = DB::select(self::NAMES, [
            'stall' => $stall->id,
            'like' => '%'.addcslashes($words, '%_\\').'%',
            'most' => self::MOST + 1,
        ]);

        return new JsonResponse(new FilingAnswerView(
            names: array_values(array_map(
                static fn (\stdClass $row): FilingView => new FilingView($row->kind, $row->name, (int) $row->listings),
                array_slice($rows, 0, self::MOST),
            )),
            more: count($rows) > self::MOST,
            change: $change,
            words: $said,
            run: $run,
        ));
    }
}
