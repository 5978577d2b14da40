<?php

declare(strict_types=1);

namespace WindowStall\Window\Policies;

use Illuminate\Database\Eloquent\Model;
use WindowStall\Stall\Stall;

/**
 * Who runs a stall and how it takes things back: what only its seller knows, and policies tell.
 *
 * @property int $stall_id
 * @property string|null $trader
 * @property string|null $street
 * @property string|null $town
 * @property string|null $postcode
 * @property string|null $email where shoppers write to
 * @property string|null $phone
 * @property string|null $register
 * @property string|null $tax_number
 * @property int|null $return_days
 * @property string|null $return_by shopper or stall
 * @property int|null $keep_years
 * @property array<string, string> $besides
 */
final class Particulars extends Model
{
    protected $primaryKey = 'stall_id';

    public $incrementing = false;

    /** @var array<string, mixed> as the table has it */
    protected $attributes = ['besides' => '{}'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['besides' => 'array', 'return_days' => 'integer', 'keep_years' => 'integer'];
    }

    public static function of(Stall $stall): self
    {
        return self::query()->firstOrNew(['stall_id' => $stall->id]);
    }
}
