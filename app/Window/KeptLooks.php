<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Looks that a stall keeps beside the one it wears. */
final class KeptLooks
{
    private const MOST = 40;

    public function keep(Stall $stall, Look $look, string $name): void
    {
        if (DB::table('stall_looks')->where('stall_id', $stall->id)->count() >= self::MOST) {
            throw new Refusal(sprintf('%d looks are kept already. Let one go first.', self::MOST));
        }
        $kept = Look::from(['name' => $name] + $look->toArray());
        DB::table('stall_looks')->insert([
            'stall_id' => $stall->id,
            'look' => json_encode($kept->toArray(), JSON_THROW_ON_ERROR),
            'created_at' => Carbon::now(),
            'updated_at' => Carbon::now(),
        ]);
    }

    /** Whether there was one to let go. */
    public function letGo(Stall $stall, int $id): bool
    {
        return DB::table('stall_looks')->where('stall_id', $stall->id)->where('id', $id)->delete() > 0;
    }

    /** @return array<int, Look> by id, newest first */
    public function all(Stall $stall): array
    {
        $looks = [];
        foreach (
            DB::table('stall_looks')->where('stall_id', $stall->id)->orderByDesc('id')->pluck('look', 'id') as $id => $json
        ) {
            $said = json_decode((string) $json, true);
            $looks[(int) $id] = Look::from(is_array($said) ? $said : []);
        }

        return $looks;
    }
}
