<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Support\RichText;

/** Makes pages, writes on them, shows them to shoppers and takes them away. */
final readonly class ChangePage
{
    /** Pages a stall may have. */
    public const MOST = 100;

    private const LETTERS = 60;

    public function __construct(private RichText $richText, private DraftPage $draft)
    {
    }

    /** @throws Refusal */
    public function make(Stall $stall, PageKind $kind, string $title): WrittenPage
    {
        return DB::transaction(function () use ($stall, $kind, $title): WrittenPage {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            $pages = WrittenPage::of($stall)->get();
            if ($pages->count() >= self::MOST) {
                throw new Refusal(sprintf('A shop has up to %d pages.', self::MOST));
            }
            $one = $kind !== PageKind::Other && $pages->contains('kind', $kind);
            if ($one) {
                throw new Refusal(sprintf('There is a page “%s” already.', $kind->heading()));
            }
            $base = Str::limit(Str::slug($title) ?: $kind->value, self::LETTERS, '');
            for ($n = 2, $slug = $base; $pages->contains('slug', $slug); $n++) {
                $slug = $base.'-'.$n;
            }

            return WrittenPage::of($stall)->create(['kind' => $kind, 'title' => $title, 'slug' => $slug]);
        });
    }

    /**
     * @param  array<string, mixed>  $said  columns
     *
     * @throws Refusal
     */
    public function say(Stall $stall, WrittenPage $page, array $said, ?int $seen): WrittenPage
    {
        DB::transaction(function () use ($stall, $page, $said, $seen): void {
            $now = WrittenPage::of($stall)->whereKey($page->id)->lockForUpdate()->firstOrFail();
            if ($seen !== null && $now->version !== $seen) {
                throw new Refusal('This page was written on meanwhile, in another window or by somebody else.');
            }
            if (isset($said['slug'])) {
                $said['slug'] = Str::limit(Str::slug((string) $said['slug']), self::LETTERS, '');
                $taken = WrittenPage::of($stall)->where('slug', $said['slug'])->whereKeyNot($page->id)->exists();
                if ($said['slug'] === '' || $taken) {
                    throw new Refusal($taken ? 'Another page stands there.' : 'An address is made of letters.');
                }
            }
            if (isset($said['words'])) {
                $said['words'] = $this->richText->clean((string) $said['words']);
            }
            $now->update($said);
            $now->increment('version');
        });
        $fresh = $page->refresh();
        if ($fresh->shown !== null && array_intersect_key($said, ['slug' => 0, 'hidden' => 0]) !== []) {
            $stall->bumpShop();
        }

        return $fresh;
    }

    /** A first text from the stall's facts, where nothing is written yet. */
    public function draft(Stall $stall, WrittenPage $page): WrittenPage
    {
        return $this->say($stall, $page, ($this->draft)($stall, $page->kind), null);
    }

    /** @throws Refusal where nothing is written */
    public function show(Stall $stall, WrittenPage $page): WrittenPage
    {
        if ($page->blank()) {
            throw new Refusal(sprintf('Nothing stands on “%s” yet, so it isn’t published.', $page->title));
        }
        $page->update(['shown' => $page->says(), 'shown_at' => now()]);
        $stall->bumpShop();

        return $page;
    }

    public function hide(Stall $stall, WrittenPage $page): WrittenPage
    {
        $page->update(['shown' => null, 'shown_at' => null]);
        $stall->bumpShop();

        return $page;
    }

    public function remove(Stall $stall, WrittenPage $page): void
    {
        $page->delete();
        $stall->bumpShop();
    }
}
