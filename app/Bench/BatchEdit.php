<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Edits many listings at once, cell by cell or by a rule; the whole of it is one step that can be taken back. */
final readonly class BatchEdit
{
    public const MOST = 2_000;

    /** field → letters at most */
    public const FIELDS = ['title' => 300, 'type' => 60, 'tags' => 600, 'maker' => 80, 'notes' => 2000];

    private const MOST_TAGS = 30;

    public function __construct(private Undo $undo, private ProjectListings $project)
    {
    }

    /**
     * @param  list<array{listing: int, field: string, value: string}>  $cells
     *
     * @throws Refusal naming the cell
     */
    public function cells(Stall $stall, ?User $by, array $cells): BenchChange
    {
        $edits = [];
        foreach ($cells as $cell) {
            $edits[$cell['listing']] =
                self::columns([$cell['field'] => $cell['value']]) + ($edits[$cell['listing']] ?? []);
        }

        $words = sprintf(
            '%d %s in %s',
            count($cells),
            count($cells) === 1 ? 'cell written' : 'cells written',
            self::listings(count($edits)),
        );

        return $this->apply(
            $stall,
            $by,
            array_keys($edits),
            static fn (): array => $edits,
            static fn (): string => $words,
        );
    }

    /**
     * @param  list<int>  $ids
     * @return array{BenchChange|null, int} the step, and in how many listings something was replaced
     *
     * @throws Refusal
     */
    public function replace(Stall $stall, ?User $by, array $ids, string $field, string $find, string $with): array
    {
        if ($find === '' || ! isset(self::FIELDS[$field])) {
            throw new Refusal('Say what to find, and in which column.');
        }
        $edits = fn (Collection $listings): array => array_filter(
            $listings
                ->mapWithKeys(function (Listing $listing) use ($field, $find, $with): array {
                    $before = $this->text($listing, $field);
                    $after = (string) preg_replace(
                        '/'.preg_quote($find, '/').'/iu',
                        addcslashes($with, '\\$'),
                        $before,
                    );

                    return [$listing->id => $after === $before ? [] : self::columns([$field => $after])];
                })
                ->all(),
        );
        $touched = array_keys($edits(Listing::of($stall)->whereKey($ids)->get()));
        if ($touched === []) {
            return [null, 0];
        }
        $change = $this->apply(
            $stall,
            $by,
            $touched,
            $edits,
            static fn (int $n): string => sprintf(
                '“%s” replaced in %s',
                mb_strimwidth($find, 0, 40, '…'),
                self::listings($n),
            ),
        );

        return [$change, count($touched)];
    }

    /**
     * @param  list<int>  $ids
     * @param  list<string>  $add
     * @param  list<string>  $remove
     */
    public function tags(Stall $stall, ?User $by, array $ids, array $add, array $remove): BenchChange
    {
        $gone = array_map(mb_strtolower(...), $remove);
        $edits = static fn (Collection $listings): array => $listings
            ->mapWithKeys(static function (Listing $listing) use ($add, $gone): array {
                $kept = array_filter(
                    $listing->own_tags,
                    static fn (string $t): bool => ! in_array(mb_strtolower($t), $gone, true),
                );

                return [$listing->id => ['own_tags' => self::tagList([...$kept, ...$add])]];
            })
            ->all();
        $words = trim(
            ($add === [] ? '' : 'tagged '.implode(', ', $add)).
                ($remove === [] ? '' : ' untagged '.implode(', ', $remove)),
        );

        return $this->apply($stall, $by, $ids, $edits, static fn (int $n): string => $words.': '.self::listings($n));
    }

    /**
     * What is typed as columns; an emptied title follows the supplier again.
     *
     * @param  array<string, mixed>  $typed
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public static function columns(array $typed): array
    {
        $columns = [];
        foreach ($typed as $field => $value) {
            $most = self::FIELDS[$field] ?? throw new Refusal(sprintf('There is no column “%s”.', $field));
            $text = trim(
                is_array($value)
                    ? implode(', ', array_filter($value, is_string(...)))
                    : (is_scalar($value)
                        ? (string) $value
                        : ''),
            );
            if (mb_strlen($text) > $most) {
                throw new Refusal(
                    sprintf(
                        '“%s” is longer than the %d letters that fit into %s.',
                        mb_strimwidth($text, 0, 40, '…'),
                        $most,
                        $field,
                    ),
                );
            }
            $columns += match ($field) {
                'tags' => ['own_tags' => self::tagList(explode(',', $text))],
                'notes' => ['own_notes' => $text === '' ? null : $text],
                default => ['own_'.$field => $text === '' ? null : preg_replace('/\s+/u', ' ', $text)],
            };
        }

        return $columns;
    }

    /**
     * @param  list<int>  $ids
     * @param  callable(Collection<int, Listing>): array<int, array<string, mixed>>  $edits  listing → columns, from how
     *     the listings stand once nobody else can write them
     * @param  callable(int): string  $words  what was done to so many
     */
    private function apply(Stall $stall, ?User $by, array $ids, callable $edits, callable $words): BenchChange
    {
        if (count($ids) > self::MOST) {
            throw new Refusal(sprintf('Up to %s listings are edited at once.', number_format(self::MOST)));
        }
        [, $change] = $this->undo->around(
            $stall,
            $by,
            $ids,
            function () use ($stall, $ids, $edits): int {
                $written = $edits(Listing::of($stall)->whereKey($ids)->get());
                foreach ($written as $id => $columns) {
                    $this->write($stall, $id, $columns);
                }
                ($this->project)($stall, $ids);

                return count($written);
            },
            $words,
            apart: true,
        );
        $stall->bumpShop();

        return $change;
    }

    /** @param  array<string, mixed>  $columns */
    private function write(Stall $stall, int $id, array $columns): void
    {
        if (array_key_exists('own_title', $columns)) {
            $columns['drafts'] = DB::raw("drafts - 'title'");
        }
        $stored = static fn (mixed $v): mixed => is_array($v)
            ? json_encode($v, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)
            : $v;
        Listing::of($stall)->whereKey($id)->update(array_map($stored, $columns));
    }

    private static function listings(int $n): string
    {
        return $n.' '.($n === 1 ? 'listing' : 'listings');
    }

    private function text(Listing $listing, string $field): string
    {
        return match ($field) {
            'title' => $listing->own_title ?? $listing->shown_title,
            'type' => (string) $listing->own_type,
            'maker' => (string) $listing->own_maker,
            'notes' => (string) $listing->own_notes,
            default => implode(', ', $listing->own_tags),
        };
    }

    /**
     * @param  array<string>  $tags
     * @return list<string> each once, whatever its capitals
     */
    private static function tagList(array $tags): array
    {
        $list = [];
        foreach ($tags as $tag) {
            $tag = mb_substr(trim($tag), 0, 40);
            if ($tag !== '') {
                $list[mb_strtolower($tag)] ??= $tag;
            }
        }

        return array_slice(array_values($list), 0, self::MOST_TAGS);
    }
}
