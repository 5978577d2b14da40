<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

/** Postcodes of one country as a seller writes them: "IV, HS, PH17–50", or "all but 97xxx, 98xxx". */
final readonly class Postcodes
{
    private const ALL_BUT = '/^all but\s+/iu';

    /** Patterns in one line; more than anybody would write by hand. */
    public const MOST = 400;

    /** @param  list<PostcodePattern>  $patterns */
    private function __construct(public array $patterns, public bool $allBut)
    {
    }

    /** @throws PostcodesUnreadable with what couldn't be read */
    public static function read(string $typed): self
    {
        $typed = trim($typed);
        $allBut = preg_match(self::ALL_BUT, $typed) === 1;
        $parts = preg_split('/[,;\n]+/u', (string) preg_replace(self::ALL_BUT, '', $typed)) ?: [];
        $parts = array_values(array_filter(array_map(trim(...), $parts), static fn (string $part): bool => $part !== ''));
        if ($parts === [] || count($parts) > self::MOST) {
            throw PostcodesUnreadable::count(count($parts));
        }

        return new self(
            array_map(
                static fn (string $part): PostcodePattern => PostcodePattern::read($part)
                    ?? throw PostcodesUnreadable::part($part),
                $parts,
            ),
            $allBut,
        );
    }

    /**
     * How near these come to a code.
     *
     * @return Nearness|null null where it isn't one of them
     */
    public function nearness(string $postcode, string $country): ?Nearness
    {
        $nearest = null;
        foreach ($this->patterns as $pattern) {
            if (($nearest === null || $pattern->fixed > $nearest->fixed) && $pattern->holds($postcode, $country)) {
                $nearest = $pattern;
            }
        }
        if ($this->allBut) {
            return $nearest === null ? Nearness::allBut($this->words()) : null;
        }

        return $nearest === null ? null : Nearness::postcode($nearest);
    }

    public function words(): string
    {
        return ($this->allBut ? 'all but ' : '').implode(
            ', ',
            array_map(static fn (PostcodePattern $pattern): string => $pattern->said, $this->patterns),
        );
    }
}
