<?php

declare(strict_types=1);

namespace WindowStall\Counter\Letters;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing that was said in a letter: by the shopper, or by the stall.
 *
 * @property int $id
 * @property bool $ours
 * @property string $words plain text
 * @property Carbon $said_at
 */
final class LetterLine extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['ours' => 'boolean', 'said_at' => 'datetime'];
    }
}
