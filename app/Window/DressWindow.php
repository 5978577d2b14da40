<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Changes the working copy, publishes it, or goes back to what is published. */
final class DressWindow
{
    /**
     * Saves the working copy, unless somebody else has saved since this person loaded it.
     *
     * @throws Refusal
     */
    public function save(Stall $stall, Content $content, int $version): Window
    {
        $logo = $content->look->logo['path'] ?? null;
        $kept = Window::query()->find($stall->id)?->workingContent()->look->logo['path'] ?? null;
        if ($logo !== null && $logo !== $kept && ! $stall->pictures()->whereNull('listing_id')->where('path', $logo)->exists()) {
            throw new Refusal('This logo isn’t the stall’s own. Send it again.');
        }

        return DB::transaction(function () use ($stall, $content, $version): Window {
            $window = $this->locked($stall);
            if ($window->version !== $version) {
                throw new Refusal('Somebody else has changed this window meanwhile. Load the page again to see it.');
            }
            $window->update(['working' => $content->toArray(), 'version' => $version + 1]);

            return $window;
        });
    }

    public function publish(Stall $stall, User $by): Window
    {
        $window = DB::transaction(function () use ($stall, $by): Window {
            $window = $this->locked($stall);
            $revision = WindowRevision::query()->create(['stall_id' => $stall->id, 'content' => $window->workingContent()->toArray(), 'published_by' => $by->id, 'published_at' => now()]);
            $window->update(['published_id' => $revision->id]);

            return $window->refresh();
        });
        $stall->bumpShop();

        return $window;
    }

    /** Throws the working copy away for the published state. */
    public function goBack(Stall $stall): Window
    {
        return DB::transaction(function () use ($stall): Window {
            $window = $this->locked($stall)->load('published');
            $published = $window->publishedContent() ?? throw new Refusal('Nothing has been published yet.');
            $window->update(['working' => $published->toArray(), 'version' => $window->version + 1]);

            return $window;
        });
    }

    private function locked(Stall $stall): Window
    {
        return Window::query()->whereKey($stall->id)->lockForUpdate()->firstOrFail();
    }
}
