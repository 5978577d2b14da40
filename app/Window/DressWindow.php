<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;
use WindowStall\Window\Jobs\MakeShareCard;

/** Changes the working copy, publishes it now or at a time, keeps versions of it and goes back to them. */
final readonly class DressWindow
{
    /** How far ahead a publishing can be set, in days. */
    private const AHEAD = 366;

    public function __construct(private SaveCopy $save)
    {
    }

    /**
     * Saves the working copy. Where somebody else has saved since this person's version, both changes are laid
     * together.
     *
     * @param  int  $version  the one this person's content was made from
     *
     * @throws Refusal
     */
    public function save(Stall $stall, Content $content, int $version, ?User $by = null): SavedCopy
    {
        return DB::transaction(function () use ($stall, $content, $version, $by): SavedCopy {
            $window = $this->locked($stall);
            $this->ownLogo($stall, $content, $window->workingContent());

            return ($this->save)($window, $content, $version, $by);
        }, attempts: 3);
    }

    public function publish(Stall $stall, ?User $by): Window
    {
        return DB::transaction(function () use ($stall, $by): Window {
            $window = $this->locked($stall);
            $this->show($window, $this->keep($stall, $window->workingContent(), $by, publishedAt: Carbon::now()));
            StalePages::lists($stall);

            return $window->refresh();
        });
    }

    /**
     * Publishes what the working copy is now, later.
     *
     * @throws Refusal
     */
    public function publishAt(Stall $stall, User $by, Carbon $at): WindowRevision
    {
        if ($at->isPast() || $at->greaterThan(Carbon::now()->addDays(self::AHEAD))) {
            throw new Refusal('Publishing can be set for a time to come, a year ahead at the most.');
        }

        return DB::transaction(function () use ($stall, $by, $at): WindowRevision {
            $window = $this->locked($stall);
            $revision = $this->keep($stall, $window->workingContent(), $by, dueAt: $at);
            $window->turnNext();

            return $revision;
        });
    }

    /** Lets go of a publishing that was set for later. */
    public function callOff(Stall $stall, int $revision): void
    {
        DB::transaction(function () use ($stall, $revision): void {
            $window = $this->locked($stall);
            WindowRevision::of($stall)
                ->whereNotNull('due_at')
                ->findOrFail($revision)
                ->update(['due_at' => null]);
            $window->turnNext();
        });
    }

    /**
     * Does what the calendar asks: publishes what is due, and has pages made anew that show something else from today.
     */
    public function turn(Stall $stall): void
    {
        DB::transaction(function () use ($stall): void {
            $window = $this->locked($stall);
            $due = WindowRevision::of($stall)->where('due_at', '<=', Carbon::now());
            foreach ($due->orderBy('due_at')->orderBy('id')->get() as $revision) {
                $revision->update(['published_at' => Carbon::now(), 'due_at' => null]);
                $this->show($window, $revision);
            }
            $window->load('published')->turnNext();
            StalePages::lists($stall);
        });
    }

    /** Keeps the working copy under a name. */
    public function keepAs(Stall $stall, User $by, string $name): WindowRevision
    {
        $window = Window::query()->findOrFail($stall->id);

        return $this->keep($stall, $window->workingContent(), $by, name: $name);
    }

    /**
     * Takes a kept state, by default what is published, as the working copy; what it was before is among what was
     * saved.
     */
    public function goBack(Stall $stall, ?User $by = null, ?int $revision = null): Window
    {
        return DB::transaction(function () use ($stall, $by, $revision): Window {
            $window = $this->locked($stall)->load('published');
            $kept =
                $revision === null
                    ? $window->published ?? throw new Refusal('Nothing has been published yet.')
                    : WindowRevision::of($stall)->findOrFail($revision);
            $this->save->put($window, $kept->state(), $by);

            return $window;
        });
    }

    private function show(Window $window, WindowRevision $revision): void
    {
        $window->update(['published_id' => $revision->id]);
        $window->setRelation('published', $revision);
        MakeShareCard::dispatch($window->stall_id)->afterCommit();
        $window->turnNext();
    }

    private function keep(
        Stall $stall,
        Content $content,
        ?User $by,
        ?string $name = null,
        ?Carbon $publishedAt = null,
        ?Carbon $dueAt = null,
    ): WindowRevision {
        return WindowRevision::query()->create([
            'stall_id' => $stall->id,
            'content' => $content->toArray(),
            'name' => $name,
            'published_by' => $by?->id,
            'published_at' => $publishedAt,
            'due_at' => $dueAt,
            'made_at' => Carbon::now(),
        ]);
    }

    private function ownLogo(Stall $stall, Content $content, Content $before): void
    {
        foreach (array_diff($content->look->logoPaths(), $before->look->logoPaths()) as $new) {
            if (! Picture::of($stall)->where('logo', true)->where('path', $new)->exists()) {
                throw new Refusal('This logo isn’t the stall’s own. Send it again.');
            }
        }
    }

    private function locked(Stall $stall): Window
    {
        return Window::query()->whereKey($stall->id)->lockForUpdate()->firstOrFail();
    }
}
