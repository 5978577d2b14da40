<?php

declare(strict_types=1);

namespace WindowStall\Print\Artwork;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Print\ArtworkFacts;
use WindowStall\Stall\Stall;

/**
 * A version of an artwork; versions of one artwork have a family.
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $family_id
 * @property int $version
 * @property string $name
 * @property string $rights
 * @property string $state
 * @property string $trouble
 * @property string $original where it lies as it was sent
 * @property string|null $master what is printed from: sRGB pixels, or the drawing itself
 * @property string|null $preview
 * @property string $type media type
 * @property int $bytes
 * @property string $sha256
 * @property array<string, mixed>|null $facts
 * @property array{words: string, face: string, colour: string, align: string}|null $lettering of one that is words
 * @property list<string> $notes what was noticed on reading it
 * @property Carbon|null $removed_at
 * @property Carbon|null $created_at
 */
final class Artwork extends Model
{
    public const WAITING = 'waiting';

    public const READY = 'ready';

    public const REFUSED = 'refused';

    /** @var array<string, string> */
    protected $casts = ['facts' => 'array', 'lettering' => 'array', 'notes' => 'array', 'removed_at' => 'datetime'];

    /** @var array<string, mixed> as the table has them */
    protected $attributes = ['notes' => '[]', 'trouble' => '', 'rights' => '', 'version' => 1];

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @param  Builder<self>  $query */
    public function scopeHere(Builder $query): void
    {
        $query->whereNull('removed_at');
    }

    public function family(): int
    {
        return $this->family_id ?? $this->id;
    }

    public function read(): ?ArtworkFacts
    {
        /** @var array{width: int, height: int, vector: bool, transparent: bool, colours: list<array{string, int}>, soft: int, line: int}|null $facts */
        $facts = $this->facts;

        return $facts === null ? null : ArtworkFacts::fromArray($facts);
    }

    /** "Leek in ink" or "Leek in ink, version 2". */
    public function called(): string
    {
        return $this->version > 1 ? $this->name.', version '.$this->version : $this->name;
    }
}
