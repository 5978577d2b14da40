<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use WindowStall\Stall\Stall;

/**
 * A stall's look and homepage: the working copy, and which revision shoppers see.
 *
 * @property int $stall_id
 * @property array<mixed> $working
 * @property int $version
 * @property int|null $published_id
 * @property Carbon $updated_at
 */
final class Window extends Model
{
    protected $primaryKey = 'stall_id';

    public $incrementing = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['working' => 'array'];
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @return BelongsTo<WindowRevision, $this> */
    public function published(): BelongsTo
    {
        return $this->belongsTo(WindowRevision::class, 'published_id');
    }

    public function workingContent(): Content
    {
        return Content::from($this->working);
    }

    /** What shoppers see; before the first publishing, nothing. */
    public function publishedContent(): ?Content
    {
        return $this->published === null ? null : Content::from($this->published->content);
    }
}
