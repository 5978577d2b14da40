<?php

declare(strict_types=1);

namespace WindowStall\Support\Http;

use Illuminate\Http\Request;

/**
 * What somebody typed into an address or a field, read as text: a list or a map where text is meant counts as nothing.
 */
final class Typed
{
    /** Letters; longer is cut. */
    private const MOST = 4_000;

    public static function text(Request $request, string $name): string
    {
        $typed = $request->input($name);

        return is_scalar($typed) ? mb_substr(trim((string) $typed), 0, self::MOST) : '';
    }

    /**
     * Numbers of rows from what was validated: each once.
     *
     * @param  array<string, mixed>  $typed
     * @return list<int>
     */
    public static function ids(array $typed, string $name = 'listings'): array
    {
        /** @var array<int|string> $ids */
        $ids = $typed[$name];

        return array_values(array_unique(array_map(intval(...), $ids)));
    }
}
