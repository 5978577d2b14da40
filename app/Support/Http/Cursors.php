<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Illuminate\Http\Request;
use Illuminate\Pagination\Cursor;

/** Where a list paged by its rows' numbers goes on. What nobody here wrote counts as the beginning. */
final class Cursors
{
    public static function byId(Request $request): ?Cursor
    {
        $said = json_decode((string) base64_decode(strtr(Typed::text($request, 'cursor'), '-_', '+/'), true), true);

        return is_array($said) && is_int($said['id'] ?? null) && is_bool($said['_pointsToNextItems'] ?? null)
            ? new Cursor(['id' => $said['id']], $said['_pointsToNextItems']) : null;
    }
}
