<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use WindowStall\Stall\Terms\CostSheet;

/**
 * Something done to a stall's costs or recipes, or only tried: a trial that nobody has applied yet stands here without
 * `applied_at`.
 *
 * @phpstan-import-type Changes from CostSheet
 *
 * @property int $id
 * @property int $stall_id
 * @property Carbon|null $updated_at
 * @property int|null $user_id
 * @property string $words what was done
 * @property Changes $changes what a trial would change
 * @property array{
 *     stall: array<string, mixed>, rates: list<array<string, mixed>>, markets: list<array<string, mixed>>,
 *     recipes: list<array<string, mixed>>,
 * }|null  $before how everything stood before
 * @property array<string, mixed>|null $figures what the trial came to
 * @property Carbon|null $applied_at
 * @property Carbon|null $undone_at
 */
final class PricingChange extends Model
{
    /** @var array<string, mixed> */
    protected $attributes = ['changes' => '{}', 'words' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'changes' => 'array',
            'before' => 'array',
            'figures' => 'array',
            'applied_at' => 'datetime',
            'undone_at' => 'datetime',
        ];
    }
}
