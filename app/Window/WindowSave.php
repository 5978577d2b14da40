<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\User;

/** What a working copy was after each saving, so that two people's changes can be laid together. */
final class WindowSave
{
    /** Older ones go: nobody has a page open for that many savings. */
    private const KEPT = 600;

    /** Older ones are looked for once in so many savings. */
    private const SWEPT = 50;

    public static function keep(Dressed $copy, Content $content, ?User $by): void
    {
        DB::table('window_saves')->insertOrIgnore([
            'stall_id' => $copy->stall_id,
            'page_id' => $copy->page(),
            'version' => $copy->version,
            'content' => json_encode($content->toArray(), JSON_THROW_ON_ERROR),
            'saved_by' => $by?->id,
            'saved_at' => Carbon::now(),
        ]);
        if ($copy->version % self::SWEPT === 0) {
            self::of($copy)->where('version', '<', $copy->version - self::KEPT)->delete();
        }
    }

    /** @return array<mixed>|null as it was saved */
    public static function at(Dressed $copy, int $version): ?array
    {
        $content = self::of($copy)->where('version', $version)->value('content');
        $saved = is_string($content) ? json_decode($content, true) : null;

        return is_array($saved) ? $saved : null;
    }

    /** @return list<string> who saved after that version, besides this person */
    public static function othersSince(Dressed $copy, int $version, User $me): array
    {
        $names = self::of($copy)
            ->join('users', 'users.id', '=', 'window_saves.saved_by')
            ->where('version', '>', $version)
            ->where('saved_by', '<>', $me->id)
            ->distinct()
            ->pluck('users.name');

        return array_values(array_map(strval(...), $names->all()));
    }

    private static function of(Dressed $copy): Builder
    {
        return DB::table('window_saves')
            ->where('stall_id', $copy->stall_id)
            ->whereRaw('COALESCE(page_id, 0) = ?', [$copy->page() ?? 0]);
    }
}
