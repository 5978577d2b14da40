<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

use Illuminate\Support\Facades\Cache;
use Throwable;

/**
 * A circuit breaker: after several failures in a row an outside service isn't asked for a while, so that whoever could
 * do without its answer doesn't wait for it. The count is shared by all processes.
 */
final readonly class Breaker
{
    /** Failures in a row after which it isn't asked. */
    private const FAILURES = 3;

    /** How long a failure counts, and how long it then isn't asked; seconds. */
    private const REST = 30;

    private function __construct(private string $key)
    {
    }

    public static function for(string $service): self
    {
        return new self('breaker.'.$service);
    }

    public function open(): bool
    {
        return (int) Cache::get($this->key) >= self::FAILURES;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $ask
     * @param  callable(Throwable): bool  $failure  whether what was thrown means that the service is away; anything
     *     else is thrown on
     * @return T|null null when it is away, or isn't asked just now
     */
    public function ask(callable $ask, callable $failure): mixed
    {
        if ($this->open()) {
            return null;
        }
        try {
            $answer = $ask();
        } catch (Throwable $e) {
            if (! $failure($e)) {
                throw $e;
            }
            Cache::add($this->key, 0, self::REST);
            Cache::increment($this->key);

            return null;
        }
        Cache::forget($this->key);

        return $answer;
    }
}
