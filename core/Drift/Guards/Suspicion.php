<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Guards;

/** Why a pull isn't used by itself. */
final readonly class Suspicion
{
    /**
     * @param  string  $words  with its figures
     * @param  int  $count  how many it concerns
     * @param  int  $of  of how many
     * @param  list<string>  $samples  some of them: what, before → after
     */
    public function __construct(
        public Guard $guard,
        public string $words,
        public int $count,
        public int $of,
        public array $samples,
    ) {
    }

    /** @return array{guard: string, words: string, count: int, of: int, samples: list<string>} */
    public function toArray(): array
    {
        return [
            'guard' => $this->guard->value,
            'words' => $this->words,
            'count' => $this->count,
            'of' => $this->of,
            'samples' => $this->samples,
        ];
    }
}
