<?php

declare(strict_types=1);

namespace WindowStall\Stall\Words;

use Illuminate\Database\Eloquent\Model;

/**
 * A language that a stall's shop speaks in a market; the first of a market is the one its pages have where nobody asks for
 * another. A market without any speaks the stall's own.
 *
 * @property int $stall_id
 * @property string $market ISO 3166-1
 * @property string $language ISO 639-1
 * @property int $position
 */
final class MarketLanguage extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = null;
}
