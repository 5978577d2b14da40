<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing a person did on the bench, with how everything it touched stood before.
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $user_id
 * @property string $words what was done: "3 listings deleted"
 * @property array{listings: list<array<string, mixed>>, variants: list<array<string, mixed>>, sources: list<array<string, mixed>>, items: list<array<string, mixed>>, created: list<int>} $before
 * @property Carbon|null $undone_at
 */
final class BenchChange extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['before' => 'array', 'undone_at' => 'datetime'];
    }
}
