<?php

declare(strict_types=1);

namespace WindowStall\Counter\Asking;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What was written in a request, by the stall or by the supplier.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $supplier_request_id
 * @property string|null $external_id
 * @property string|null $key
 * @property bool $theirs
 * @property string $words
 * @property Carbon $at
 * @property Carbon|null $sent_at
 */
final class RequestMessage extends Model
{
    public $timestamps = false;

    protected $table = 'supplier_request_messages';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['theirs' => 'boolean', 'at' => 'datetime', 'sent_at' => 'datetime'];
    }
}
