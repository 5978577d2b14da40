<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use Illuminate\Database\Eloquent\Model;
use WindowStall\Core\Delivery\Ways\PlaceNotation;

/**
 * Somewhere a stall sends, with its ways there; in the notation of core.
 *
 * @phpstan-import-type WrittenCover from PlaceNotation
 * @phpstan-import-type WrittenWay from PlaceNotation
 * @phpstan-import-type WrittenRule from PlaceNotation
 *
 * @property int $id
 * @property int $stall_id
 * @property int $position
 * @property string $name "" for the names of what it covers
 * @property list<WrittenCover> $covers
 * @property list<WrittenWay> $ways
 * @property list<WrittenRule> $rules
 */
final class Place extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['covers' => 'array', 'ways' => 'array', 'rules' => 'array'];
    }
}
