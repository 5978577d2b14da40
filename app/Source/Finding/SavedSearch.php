<?php

declare(strict_types=1);

namespace WindowStall\Source\Finding;

use Illuminate\Database\Eloquent\Model;

/**
 * A search that a stall keeps by name.
 *
 * @property int $id
 * @property int $stall_id
 * @property string $name
 * @property array<string, mixed> $query what the address bar held
 */
final class SavedSearch extends Model
{
    /** What of the address bar belongs to a search. */
    public const PARTS = [
        'q',
        'sort',
        'supplier',
        'category',
        'from',
        'stock',
        'landed',
        'days',
        'price',
        'margin',
        'variants',
        'rating',
        'new',
        'to',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['query' => 'array'];
    }
}
