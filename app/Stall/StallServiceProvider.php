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
    /** @var list<array{int|null, bool}> where one stood, and whether one rehearsed, before each job that is under way; jobs may lie within each other */
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
        // A job is done in the stall in which it was asked for; one asked for in none sees no stall's rows. What a rehearsal asks
        // for is part of it.
        Queue::createPayloadUsing(static fn (): array => [
            'stall' => OneStall::current(),
        ] + (OneStall::isRehearsing() ? ['rehearses' => true] : []));
        Event::listen(function (JobProcessing $job): void {
            $this->before[] = [OneStall::current(), OneStall::isRehearsing()];
            $asked = $job->job->payload();
            $stall = $asked['stall'] ?? null;
            OneStall::rehearse(($asked['rehearses'] ?? false) === true);
            OneStall::back(is_int($stall) ? $stall : null);
        });
        Event::listen(fn (JobProcessed $job) => $this->back());
        Event::listen(fn (JobExceptionOccurred $job) => $this->back());
    }

    private function back(): void
    {
        [$stall, $rehearses] = array_pop($this->before) ?? [null, false];
        OneStall::rehearse($rehearses);
        OneStall::back($stall);
    }
}
