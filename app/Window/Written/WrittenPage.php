<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use WindowStall\Core\Window\Changes;
use WindowStall\Core\Window\SavedWindow;
use WindowStall\Stall\Stall;
use WindowStall\Window\Content;
use WindowStall\Window\Dressed;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Section;

/**
 * A page of the shop that its seller writes and dresses in the galley: the working copy, and beside it what shoppers
 * see.
 *
 * @phpstan-type Rows list<array<string, mixed>>
 *
 * @property int $id
 * @property int $stall_id
 * @property PageKind $kind
 * @property string $title
 * @property string $slug
 * @property Rows $sections as {@see Section::toArray()} gives them
 * @property string|null $search_title
 * @property string|null $search_words
 * @property bool $hidden found only by whoever has its address
 * @property Carbon|null $dated_on of a note: the day it is of, by the stall's clock; null until it is shown
 * @property int $version counts the savings of the working copy
 * @property list<string> $waved keys of findings that were waved away
 * @property string|null $goods_type of a goods page: those it is for; null for all, or for a single one
 * @property int|null $goods_listing_id of a goods page: the single one it is for
 * @property array{title: string, sections: Rows}|null $shown
 * @property Carbon|null $shown_at
 * @property-read Stall $stall
 */
final class WrittenPage extends Model implements Dressed
{
    /** @var array<string, mixed> as the table has it */
    protected $attributes = ['sections' => '[]', 'waved' => '[]', 'hidden' => false, 'version' => 0];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => PageKind::class,
            'sections' => 'array',
            'waved' => 'array',
            'hidden' => 'boolean',
            'dated_on' => 'date',
            'shown' => 'array',
            'shown_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's that stand at an address of their own */
    public static function of(Stall $stall): HasMany
    {
        return self::dressed($stall)->whereNotIn('kind', PageKind::LAYING);
    }

    /** @return HasMany<self, Stall> a stall's, and those that say how its goods are shown */
    public static function dressed(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /**
     * The notes that stand in the shop's list, the latest first.
     *
     * @return HasMany<self, Stall>
     */
    public static function notes(Stall $stall): HasMany
    {
        return self::dressed($stall)
            ->where('kind', PageKind::Note)
            ->whereNotNull('shown')
            ->where('hidden', false)
            ->orderByDesc('dated_on')
            ->orderByDesc('id');
    }

    /** @return HasMany<self, Stall> those with a form for letters, though it may be hidden or out of its days */
    public static function withForm(Stall $stall): HasMany
    {
        return self::of($stall)->whereRaw('shown::jsonb @> ?', ['{"sections": [{"kind": "letter"}]}']);
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    public function address(): string
    {
        return ($this->kind === PageKind::Note ? '/notes/' : '/pages/').$this->slug;
    }

    public function page(): int
    {
        return $this->id;
    }

    public function isOfGoods(): bool
    {
        return $this->kind === PageKind::Goods;
    }

    public function workingContent(): Content
    {
        return $this->content($this->sections);
    }

    public function publishedContent(): ?Content
    {
        return $this->shown === null ? null : $this->content($this->shown['sections']);
    }

    public function holding(Content $content): array
    {
        $heading = collect($content->sections)->first(static fn (Section $s): bool => $s->kind->key() === 'heading');
        $title = $heading?->settings['words'] ?? '';

        return ['sections' => $content->toArray()['sections']] + ($title === '' ? [] : ['title' => $title]);
    }

    /** Whether nothing is on it yet that shoppers would see. */
    public function blank(WindowGoods $goods): bool
    {
        if ($this->kind->lays()) {
            return false;
        }
        foreach ($this->workingContent()->sections as $section) {
            $kind = $section->kind;
            $stays = $kind->stays($section->settings, $kind->data($section->settings, $goods));
            if (! $kind->always() && $stays === null && $section->showing->now()) {
                return false;
            }
        }

        return true;
    }

    /** @return array{title: string, sections: Rows} what would be shown */
    public function says(): array
    {
        return ['title' => $this->title, 'sections' => $this->workingContent()->toArray()['sections']];
    }

    /** How many sections differ from what shoppers see, and the title. */
    public function changes(): int
    {
        $shown = $this->publishedContent();

        return $shown === null ? 0 : Changes::between($shown->toArray(), $this->workingContent()->toArray());
    }

    /** @param  Rows  $sections */
    private function content(array $sections): Content
    {
        // It wears the look of the page it is laid into, so it has none of its own.
        return Content::saved(
            ['format' => SavedWindow::FORMAT, 'look' => [], 'sections' => $sections],
            $this->kind->plan(),
        );
    }
}
