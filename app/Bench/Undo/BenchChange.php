<?php

declare(strict_types=1);

namespace WindowStall\Bench\Undo;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing a person did on the bench; {@see Undo} keeps how everything it touched stood before.
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $user_id
 * @property string $words what was done: "3 listings deleted"
 * @property bool $apart whether each of its listings can be taken back by itself
 * @property Carbon|null $undone_at
 */
final class BenchChange extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['apart' => 'boolean', 'undone_at' => 'datetime'];
    }
}
