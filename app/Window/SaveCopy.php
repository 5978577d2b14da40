<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Window\Merge;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Window\Written\WrittenPage;

/** Saves a working copy; where somebody else has saved meanwhile, both changes are laid together. */
final class SaveCopy
{
    /**
     * @param  Window|WrittenPage  $copy  locked by whoever calls
     * @param  int  $version  the one that this person's content was made from
     *
     * @throws Refusal
     */
    public function __invoke(Window|WrittenPage $copy, Content $content, int $version, ?User $by): SavedCopy
    {
        if ($version > $copy->version) {
            throw new Refusal('This page is newer than what is saved. Load it again.');
        }
        $before = $copy->workingContent();
        if ($version === $copy->version) {
            $this->put($copy, $content, $by);

            return new SavedCopy($copy, $before, $content);
        }
        // What this person has before them is what they began from.
        $base = $this->base($copy, $version, $content);
        $merged = Merge::of(base: $base->toArray(), theirs: $before->toArray(), mine: $content->toArray());
        $saved = Content::from($merged->content, $content->plan);
        $this->put($copy, $saved, $by);

        $others = $by === null ? [] : WindowSave::othersSince($copy, $version, $by);

        return new SavedCopy($copy, $base, $saved, $merged, $others);
    }

    public function put(Window|WrittenPage $copy, Content $content, ?User $by): void
    {
        // What it was is kept before the first saving too, for whoever has that open.
        WindowSave::keep($copy, $copy->workingContent(), null);
        $copy->update($copy->holding($content) + ['version' => $copy->version + 1]);
        WindowSave::keep($copy, $content, $by);
    }

    private function base(Window|WrittenPage $copy, int $version, Content $content): Content
    {
        $base = WindowSave::at($copy, $version) ?? throw new Refusal(
            'This page was changed very often since you opened it. Load it again to see it.',
        );

        return Content::saved($base, $content->plan);
    }
}
