<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Database\Events\ConnectionEstablished;
use Illuminate\Queue\Events\JobExceptionOccurred;
use Illuminate\Queue\Events\JobProcessed;
use Illuminate\Queue\Events\JobProcessing;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use WindowStall\Stall\Words\PhraseRooms;
use WindowStall\Stall\Words\TermsPhrases;

/** Tells connections and jobs which stall they are in; {@see OneStall}. */
final class StallServiceProvider extends ServiceProvider
{
    /** @var list<int|null> where one stood before each job that is under way; jobs may lie within each other */
    private array $before = [];

    public function register(): void
    {
        $this->app->singleton(PhraseRooms::class);
    }

    public function boot(): void
    {
        app(PhraseRooms::class)->add(TermsPhrases::rooms(...));
        Sanctum::usePersonalAccessTokenModel(StallToken::class);
        Event::listen(static fn (ConnectionEstablished $made) => OneStall::tell($made->connection));
        $this->app->terminating(static fn () => OneStall::leave());
        // A job is done in the stall in which it was asked for; one asked for in none sees no stall's rows.
        Queue::createPayloadUsing(static fn (): array => ['stall' => OneStall::current()]);
        Event::listen(function (JobProcessing $job): void {
            $this->before[] = OneStall::current();
            $stall = $job->job->payload()['stall'] ?? null;
            OneStall::back(is_int($stall) ? $stall : null);
        });
        Event::listen(fn (JobProcessed $job) => $this->back());
        Event::listen(fn (JobExceptionOccurred $job) => $this->back());
    }

    private function back(): void
    {
        OneStall::back(array_pop($this->before));
    }
}
