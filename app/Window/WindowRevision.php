<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A state of the window that was published. Never edited.
 *
 * @property int $id
 * @property int $stall_id
 * @property array<mixed> $content
 * @property int|null $published_by
 * @property Carbon $published_at
 */
final class WindowRevision extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array', 'published_at' => 'datetime'];
    }
}
