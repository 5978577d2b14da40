<?php

declare(strict_types=1);

namespace WindowStall\Bench\Patch;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Edits many listings at once, cell by cell or by a rule. */
final readonly class EditMany
{
    public const MOST = 2_000;

    /** Listings that are edited while the person waits. */
    public const AT_ONCE = 500;

    public function __construct(private PatchListings $patch)
    {
    }

    /**
     * @param  list<array{listing: int, field: string, value: string}>  $cells
     *
     * @throws Refusal naming the cell
     */
    public function cells(Stall $stall, ?User $by, array $cells): Patched
    {
        $patches = [];
        foreach ($cells as $cell) {
            $patch = $patches[$cell['listing']] ?? ListingPatch::none();
            $patches[$cell['listing']] = $patch->cell($cell['field'], $cell['value']);
        }
        $words = Plural::of(count($cells), 'cell').' written in '.Plural::of(count($patches), 'listing');

        return $this->apply(
            $stall,
            $by,
            array_keys($patches),
            static fn (): array => $patches,
            static fn (): string => $words,
        );
    }

    /**
     * @param  list<int>  $ids
     *
     * @throws Refusal
     */
    public function replace(Stall $stall, ?User $by, array $ids, string $field, string $find, string $with): Patched
    {
        if ($find === '' || ! isset(Cells::COLUMNS[$field])) {
            throw new Refusal('Say what to find, and in which column.');
        }
        $replaced = static fn (string $text): string => (string) preg_replace(
            '/'.preg_quote($find, '/').'/iu',
            addcslashes($with, '\\$'),
            $text,
        );

        return $this->apply(
            $stall,
            $by,
            $ids,
            static fn (Collection $standing): array => $standing
                ->filter(static fn (Listing $l): bool => $replaced(Cells::of($l, $field)) !== Cells::of($l, $field))
                ->map(
                    static fn (Listing $l): ListingPatch => ListingPatch::none()->cell(
                        $field,
                        $replaced(Cells::of($l, $field)),
                    ),
                )
                ->all(),
            static fn (int $n): string => sprintf(
                '“%s” replaced in %s',
                mb_strimwidth($find, 0, 40, '…'),
                Plural::of($n, 'listing'),
            ),
        );
    }

    /**
     * @param  list<int>  $ids
     * @param  list<string>  $add
     * @param  list<string>  $remove
     */
    public function tags(Stall $stall, ?User $by, array $ids, array $add, array $remove): Patched
    {
        $gone = array_map(mb_strtolower(...), $remove);
        $kept = static fn (Listing $l): array => array_filter(
            $l->own_tags,
            static fn (string $tag): bool => ! in_array(mb_strtolower($tag), $gone, true),
        );
        $words = trim(
            ($add === [] ? '' : 'tagged '.implode(', ', $add)).
                ($remove === [] ? '' : ' untagged '.implode(', ', $remove)),
        );

        return $this->apply(
            $stall,
            $by,
            $ids,
            static fn (Collection $standing): array => $standing
                ->map(static fn (Listing $l): ListingPatch => ListingPatch::none()->tags([...$kept($l), ...$add]))
                ->all(),
            static fn (int $n): string => $words.': '.Plural::of($n, 'listing'),
        );
    }

    /**
     * @param  list<int>  $ids
     * @param  callable(Collection<int, Listing>): array<int, ListingPatch>  $say
     * @param  callable(int): string  $words  what was done to so many
     */
    private function apply(Stall $stall, ?User $by, array $ids, callable $say, callable $words): Patched
    {
        if (count($ids) > self::MOST) {
            throw new Refusal(sprintf('Up to %s listings are edited at once.', number_format(self::MOST)));
        }

        return $this->patch->many(
            $stall,
            $by,
            $ids,
            $say,
            static fn (array $patches): string => $words(count($patches)),
        );
    }
}
