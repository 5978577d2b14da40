<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Addresses at which others look at the working copy, until they are taken back. Only a hash of each is kept. */
final class OpenPreviews
{
    private const MOST = 20;

    /**
     * @param  string  $for  whom it is for
     * @return string the address; it can't be had again
     */
    public function open(Stall $stall, User $by, string $for): string
    {
        if (count($this->all($stall)) >= self::MOST) {
            throw new Refusal(sprintf('%d addresses are open already. Take one back first.', self::MOST));
        }
        $secret = Str::random(40);
        DB::table('window_previews')->insert([
            'stall_id' => $stall->id,
            'secret_hash' => hash('sha256', $secret),
            'for' => $for,
            'made_by' => $by->id,
            'created_at' => Carbon::now(),
        ]);

        return $stall->shopAddress('/seen/'.$secret);
    }

    public function opens(Stall $stall, string $secret): bool
    {
        return DB::table('window_previews')
            ->where('stall_id', $stall->id)
            ->where('secret_hash', hash('sha256', $secret))
            ->whereNull('ended_at')
            ->exists();
    }

    /** Whether there was one to take back. */
    public function takeBack(Stall $stall, int $id): bool
    {
        $open = DB::table('window_previews')->where('stall_id', $stall->id)->where('id', $id)->whereNull('ended_at');

        return $open->update(['ended_at' => Carbon::now()]) > 0;
    }

    /** @return list<array{id: int, for: string, since: string}> those that are open, newest first */
    public function all(Stall $stall): array
    {
        $open = DB::table('window_previews')
            ->where('stall_id', $stall->id)
            ->whereNull('ended_at')
            ->orderByDesc('id')
            ->get();

        return array_values(
            $open
                ->map(
                    static fn (object $row): array => [
                        'id' => (int) $row->id,
                        'for' => (string) $row->for,
                        'since' => Carbon::parse((string) $row->created_at)->diffForHumans(),
                    ],
                )
                ->all(),
        );
    }
}
