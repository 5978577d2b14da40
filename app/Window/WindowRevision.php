<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Stall\Stall;

/**
 * A state of the window that was kept: published, under a name, or to be published at a time. Its content is never
 * edited.
 *
 * @property int $id
 * @property int $stall_id
 * @property array<mixed> $content
 * @property string|null $name
 * @property int|null $published_by
 * @property Carbon|null $published_at
 * @property Carbon|null $due_at
 * @property Carbon $made_at
 */
final class WindowRevision extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array', 'published_at' => 'datetime', 'due_at' => 'datetime', 'made_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    public function state(): Content
    {
        return Content::saved($this->content);
    }
}
