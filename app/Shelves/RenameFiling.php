<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\Patched;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Renames a tag or a type everywhere at once, or joins it with another by giving it that one's name: on listings, in
 * rules of shelves, and in what recipes count for. Rules and recipes take the new name besides the old, so that taking
 * the step back leaves nothing pointing nowhere.
 */
final readonly class RenameFiling
{
    public const KINDS = ['tag' => 'tags', 'type' => 'types'];

    private const TAGGED = <<<'SQL'
        SELECT id
        FROM listings
        WHERE stall_id = ?
          AND deleted_at IS NULL
          AND EXISTS (
              SELECT 1
              FROM jsonb_array_elements_text(own_tags) AS tag (name)
              WHERE lower(tag.name COLLATE "und-x-icu") = ?
          )
        SQL;

    public function __construct(private PatchListings $patch, private FillShelves $fill)
    {
    }

    /**
     * @param  string  $kind  tag or type
     * @param  string  $to  "" takes it off everywhere
     *
     * @throws Refusal
     */
    public function __invoke(Stall $stall, ?User $by, string $kind, string $from, string $to): Patched
    {
        $low = mb_strtolower($from);
        $ids = self::listings($stall, $kind, $from);
        if ($ids === []) {
            throw new Refusal(sprintf('Nothing has the %s “%s” any more.', $kind, $from));
        }
        $patched = DB::transaction(function () use ($stall, $by, $kind, $from, $to, $low, $ids): Patched {
            if ($to !== '') {
                $this->recipes($stall, $kind, $low, $to);
                $this->rules($stall, $kind, $low, $to);
            }

            return $this->patch->many(
                $stall,
                $by,
                $ids,
                static fn ($standing): array => $standing->map(
                    static fn (Listing $l): ListingPatch => $kind === 'tag'
                        ? ListingPatch::none()->tags(self::renamed($l->own_tags, $low, $to))
                        : ListingPatch::none()->cell('type', $to),
                )->all(),
                static fn (array $patches): string => sprintf(
                    $to === '' ? '%1$s “%2$s” taken off %3$s' : '%1$s “%2$s” is “%4$s” now, in %3$s',
                    ucfirst($kind),
                    $from,
                    Plural::of(count($patches), 'listing'),
                    $to,
                ),
            );
        });
        $this->fill->all($stall);

        return $patched;
    }

    /**
     * @param  string  $kind  tag or type
     * @return list<int> the listings that have it, whatever the case of its letters
     */
    public static function listings(Stall $stall, string $kind, string $name): array
    {
        $low = mb_strtolower($name);
        $ids = $kind === 'tag'
            ? array_column(DB::select(self::TAGGED, [$stall->id, $low]), 'id')
            : Listing::of($stall)->whereRaw('lower(own_type COLLATE "und-x-icu") = ?', [$low])->pluck('id')->all();

        return array_values(array_map(intval(...), $ids));
    }

    /**
     * @param  list<string>  $tags
     * @return list<string>
     */
    private static function renamed(array $tags, string $low, string $to): array
    {
        $named = array_map(static fn (string $tag): string => mb_strtolower($tag) === $low ? $to : $tag, $tags);

        return array_values(array_filter($named, static fn (string $tag): bool => $tag !== ''));
    }

    private function recipes(Stall $stall, string $kind, string $low, string $to): void
    {
        $key = self::KINDS[$kind];
        foreach ($stall->recipes()->get() as $recipe) {
            $names = $recipe->conditions[$key] ?? [];
            if (self::names($names, $low)) {
                $recipe->update(['conditions' => [$key => self::with($names, $to)] + $recipe->conditions]);
            }
        }
    }

    private function rules(Stall $stall, string $kind, string $low, string $to): void
    {
        $clause = static function (array $said) use ($kind, $low, $to): array {
            $fits = ($said['field'] ?? '') === $kind && self::names($said['names'] ?? [], $low);

            return $fits ? ['names' => self::with($said['names'], $to)] + $said : $said;
        };
        foreach (Shelf::of($stall)->where('ruled', true)->lockForUpdate()->get() as $shelf) {
            $rule = (array) $shelf->rule;
            $rule['parts'] = array_map(
                static fn (array $part): array => isset($part['clauses'])
                    ? ['clauses' => array_map($clause, $part['clauses'])] + $part
                    : $clause($part),
                $rule['parts'] ?? [],
            );
            $shelf->update(['rule' => $rule]);
        }
    }

    /** @param  list<string>  $names */
    private static function names(array $names, string $low): bool
    {
        return in_array($low, array_map(mb_strtolower(...), $names), true);
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function with(array $names, string $to): array
    {
        return self::names($names, mb_strtolower($to)) ? $names : [...$names, $to];
    }
}
