<?php

declare(strict_types=1);

namespace WindowStall\Standins\Carrier;

use Illuminate\Support\Facades\Cache;

/** How the carrier answers just now, as whoever plays it chose. */
enum Mood: string
{
    case Well = 'well';
    case Slow = 'slow';
    case Refuses = 'refuses';
    case Wrong = 'wrong';

    private const KEPT = 'the carrier stand-in’s mood';

    public static function now(): self
    {
        return self::tryFrom((string) Cache::get(self::KEPT)) ?? self::Well;
    }

    public function begin(): void
    {
        Cache::forever(self::KEPT, $this->value);
    }

    public function words(): string
    {
        return match ($this) {
            self::Well => 'answers well',
            self::Slow => 'takes four seconds',
            self::Refuses => 'refuses',
            self::Wrong => 'answers nonsense',
        };
    }
}
