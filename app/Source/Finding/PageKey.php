<?php

declare(strict_types=1);

namespace WindowStall\Source\Finding;

/**
 * Where a page of found items begins or ends: the value the list is sorted by, then the item's id; written into
 * addresses.
 */
final readonly class PageKey
{
    /** @param  bool  $back  whether the page before is meant, not the one after */
    public function __construct(public int|string $value, public int $id, public bool $back)
    {
    }

    /** Null for what nobody here wrote. */
    public static function read(string $text): ?self
    {
        $said = json_decode((string) base64_decode(strtr($text, '-_', '+/'), true), true);

        return is_array($said) &&
            count($said) === 3 &&
            isset($said[0], $said[1], $said[2]) &&
            (is_int($said[0]) || is_string($said[0])) &&
            is_int($said[1]) &&
            is_bool($said[2])
            ? new self(...$said)
            : null;
    }

    public function encode(): string
    {
        return rtrim(
            strtr(base64_encode((string) json_encode([$this->value, $this->id, $this->back])), '+/', '-_'),
            '=',
        );
    }
}
