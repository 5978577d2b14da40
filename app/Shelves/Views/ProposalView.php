<?php

declare(strict_types=1);

namespace WindowStall\Shelves\Views;

use WindowStall\Core\Shelves\Candidate;
use WindowStall\Core\Shelves\ShelfField;
use WindowStall\Core\Words\Plural;

/** A shelf that there could be, with what makes it worth having. */
final readonly class ProposalView
{
    /**
     * @param  string  $by  type, tag or word
     * @param  string  $why  in words, with its figures
     * @param  list<int>  $listings  for a shelf picked by hand
     */
    public function __construct(
        public string $by,
        public string $named,
        public string $name,
        public string $why,
        public ?string $picture,
        public int $goods,
        public array $listings,
    ) {
    }

    public static function of(Candidate $candidate, int $homeless, ?string $picture): self
    {
        $count = count($candidate->goods);
        $have = match ($candidate->by) {
            ShelfField::Type => 'of this type',
            ShelfField::Tag => 'tagged so',
            default => 'called so',
        };
        $nowhere = match (true) {
            $homeless === 0 => 'All of them stand on other shelves, too.',
            $homeless === $count => 'None of them stands on a shelf yet.',
            default => Plural::of($homeless, 'of them stands on no shelf yet.', 'of them stand on no shelf yet.'),
        };

        return new self(
            by: $candidate->by instanceof ShelfField ? $candidate->by->value : 'word',
            named: $candidate->name,
            name: mb_strtoupper(mb_substr($candidate->name, 0, 1)).mb_substr(str_replace('-', ' ', $candidate->name), 1),
            why: sprintf('%d goods are %s. %s', $count, $have, $nowhere),
            picture: $picture,
            goods: $count,
            listings: $candidate->by instanceof ShelfField ? [] : $candidate->goods,
        );
    }
}
