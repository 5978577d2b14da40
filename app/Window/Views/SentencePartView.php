<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** A piece of a section's sentence: words that stand, or a field that is edited there. */
final readonly class SentencePartView
{
    public function __construct(public string $text, public ?string $field)
    {
    }

    /**
     * @param  string  $sentence  with names of fields in braces
     * @return list<self>
     */
    public static function of(string $sentence): array
    {
        $parts = preg_split('/\{(\w+)\}/', $sentence, flags: PREG_SPLIT_DELIM_CAPTURE) ?: [];

        return array_map(
            static fn (int $n, string $part): self => $n % 2 === 0 ? new self($part, null) : new self('', $part),
            array_keys($parts),
            $parts,
        );
    }
}
