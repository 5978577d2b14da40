<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Opening\Rehearsal\Roll;
use WindowStall\Core\Opening\Seen\SeenPage;
use WindowStall\Stall\Stall;

/**
 * A rehearsal: shoppers made up for it go through the real shop, and nothing of it is in the books.
 *
 * @phpstan-import-type StoredPage from \WindowStall\Core\Opening\Seen\SeenPage
 * @phpstan-import-type StoredShopper from \WindowStall\Core\Opening\Rehearsal\RolledShopper
 *
 * @property int $id
 * @property int $stall_id
 * @property bool $by_night whether nobody asked for it
 * @property string $stands_for {@see SetUp}
 * @property list<StoredShopper> $roll
 * @property list<StoredPage> $seen
 * @property Carbon $begun_at
 * @property Carbon|null $ended_at
 */
final class Rehearsal extends Model
{
    /** After so long without an end it broke off; minutes. */
    public const PATIENCE = 10;

    public $timestamps = false;

    /** @var array<string, mixed> as the table has them */
    protected $attributes = ['roll' => '[]', 'seen' => '[]'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['by_night' => 'boolean', 'roll' => 'array', 'seen' => 'array', 'begun_at' => 'datetime', 'ended_at' => 'datetime'];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** The latest; those that broke off as well. */
    public static function latest(Stall $stall): ?self
    {
        return self::of($stall)->latest('id')->first();
    }

    /** The one before it that came to an end. */
    public function before(): ?self
    {
        return self::query()
            ->where('stall_id', $this->stall_id)
            ->where('id', '<', $this->id)
            ->whereNotNull('ended_at')
            ->latest('id')
            ->first();
    }

    public function isRunning(): bool
    {
        return $this->ended_at === null && $this->begun_at->isAfter(now()->subMinutes(self::PATIENCE));
    }

    /** @return list<SeenPage> */
    public function seenPages(): array
    {
        return array_map(SeenPage::from(...), $this->seen);
    }

    public function rolled(): Roll
    {
        return Roll::from($this->roll);
    }
}
