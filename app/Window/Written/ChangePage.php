<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Stall\Clock;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Window\Content;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\SaveCopy;
use WindowStall\Window\SavedCopy;
use WindowStall\Window\Sections\Heading;
use WindowStall\Window\Window;

/** Makes pages, dresses them, shows them to shoppers and takes them away. */
final readonly class ChangePage
{
    /** Pages a stall may have besides its notes. */
    public const MOST = 100;

    public const MOST_NOTES = 2_000;

    private const LETTERS = 60;

    public function __construct(private SaveCopy $save, private DraftPage $draft)
    {
    }

    /**
     * @param  GoodsOf|null  $goods  of a goods page: which it is for; the one there is already is given back
     *
     * @throws Refusal
     */
    public function make(Stall $stall, PageKind $kind, string $title, ?GoodsOf $goods = null): WrittenPage
    {
        return DB::transaction(function () use ($stall, $kind, $title, $goods): WrittenPage {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            $note = $kind === PageKind::Note;
            $of = WrittenPage::dressed($stall)->where('kind', $note ? '=' : '<>', PageKind::Note);
            if ($of->count() >= ($note ? self::MOST_NOTES : self::MOST)) {
                throw new Refusal($note
                    ? sprintf('A shop has up to %s notes.', number_format(self::MOST_NOTES))
                    : sprintf('A shop has up to %d pages.', self::MOST));
            }
            $pages = $note ? $of->getModel()->newCollection() : $of->get();
            $alone = $kind->lays() && $kind !== PageKind::Goods;
            $there = $alone ? $pages->firstWhere('kind', $kind) : $goods?->page($pages);
            if ($there !== null) {
                return $there;
            }
            if (! $kind->several() && $pages->contains('kind', $kind)) {
                throw new Refusal(sprintf('There is a page “%s” already.', $kind->heading()));
            }
            $base = Str::limit(Str::slug($title) ?: $kind->value, self::LETTERS, '');
            $slugs = WrittenPage::dressed($stall)->where('slug', 'like', $base.'%')->pluck('slug');
            for ($n = 2, $slug = $base; $slugs->contains($slug); $n++) {
                $slug = $base.'-'.$n;
            }
            $title = mb_substr($title, 0, Heading::MOST);

            return WrittenPage::of($stall)->create([
                'kind' => $kind,
                'title' => $title,
                'slug' => $slug,
                'sections' => $goods?->begins($stall) ?? Content::page($kind->begins($title), $kind->plan())->toArray()['sections'],
            ] + ($goods?->columns() ?? []));
        });
    }

    /**
     * Where it stands, who finds it and what search engines are told.
     *
     * @param  array<string, mixed>  $said  columns
     *
     * @throws Refusal
     */
    public function say(Stall $stall, WrittenPage $page, array $said): WrittenPage
    {
        DB::transaction(function () use ($stall, $page, $said): void {
            $now = $this->locked($stall, $page);
            if (isset($said['slug'])) {
                $said['slug'] = Str::limit(Str::slug((string) $said['slug']), self::LETTERS, '');
                $taken = WrittenPage::dressed($stall)->where('slug', $said['slug'])->whereKeyNot($page->id)->exists();
                if ($said['slug'] === '' || $taken) {
                    throw new Refusal($taken ? 'Another page stands there.' : 'An address is made of letters.');
                }
            }
            if (isset($said['dated_on']) && $said['dated_on'] > Clock::of($stall)->today()) {
                throw new Refusal('A note isn’t dated ahead. Publish it when its day has come.');
            }
            $now->update($said);
            if ($now->shown !== null) {
                StalePages::lists($stall);
            }
        });

        return $page->refresh();
    }

    /**
     * Saves its sections.
     *
     * @param  array<mixed>  $sections  as somebody laid them
     * @param  int  $version  the one they were made from
     *
     * @throws Refusal
     */
    public function dress(Stall $stall, WrittenPage $page, array $sections, int $version, User $by): SavedCopy
    {
        $content = Content::page($sections, $page->kind->plan());

        return DB::transaction(
            fn (): SavedCopy => ($this->save)($this->locked($stall, $page), $content, $version, $by),
            attempts: 3,
        );
    }

    /** A first text from the stall's facts; what stood there before can be gone back to in the galley. */
    public function draft(Stall $stall, WrittenPage $page, ?User $by = null): WrittenPage
    {
        if ($page->kind->lays()) {
            throw new Refusal('The words on the page of goods are drafted on the bench, with the goods.');
        }
        $content = Content::page(($this->draft)($stall, $page));

        return DB::transaction(function () use ($stall, $page, $content, $by): WrittenPage {
            $now = $this->locked($stall, $page);
            $this->save->put($now, $content, $by);

            return $now;
        });
    }

    /** @throws Refusal where nothing is written */
    public function show(Stall $stall, WrittenPage $page): WrittenPage
    {
        return DB::transaction(function () use ($stall, $page): WrittenPage {
            $now = $this->locked($stall, $page);
            if ($now->blank(WindowGoods::of($stall))) {
                throw new Refusal(sprintf('Nothing stands on “%s” yet, so it isn’t published.', $now->title));
            }

            $day = $now->kind === PageKind::Note ? ['dated_on' => $now->dated_on ?? Clock::of($stall)->today()] : [];

            return $this->turn($stall, $now, ['shown' => $now->says(), 'shown_at' => now()] + $day);
        });
    }

    public function hide(Stall $stall, WrittenPage $page): WrittenPage
    {
        return DB::transaction(
            fn (): WrittenPage => $this->turn($stall, $this->locked($stall, $page), ['shown' => null, 'shown_at' => null]),
        );
    }

    public function remove(Stall $stall, WrittenPage $page): void
    {
        DB::transaction(static function () use ($stall, $page): void {
            $page->delete();
            self::stale($stall, $page);
        });
    }

    /** @param  array<string, mixed>  $columns  what shoppers see from now on */
    private function turn(Stall $stall, WrittenPage $page, array $columns): WrittenPage
    {
        $page->update($columns);
        Window::query()->whereKey($stall->id)->lockForUpdate()->firstOrFail()->turnNext();
        self::stale($stall, $page);

        return $page;
    }

    /** What lays pages stands on all of those. */
    private static function stale(Stall $stall, WrittenPage $page): void
    {
        $page->kind->lays() ? StalePages::frame($stall) : StalePages::lists($stall);
    }

    private function locked(Stall $stall, WrittenPage $page): WrittenPage
    {
        return WrittenPage::dressed($stall)->whereKey($page->id)->lockForUpdate()->firstOrFail();
    }
}
