<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Writing\Draft;

/** What a draft was made of, and what it would have liked to know. */
final readonly class DraftView
{
    private const WORDS = [
        'name' => 'the name',
        'materials' => 'materials',
        'parts' => 'its parts',
        'measures' => 'its measures',
        'features' => 'what it can do',
        'options' => 'what can be chosen',
        'posted_from' => 'where it is posted from',
        'days' => 'how soon it arrives',
    ];

    /**
     * @param  list<string>  $used
     * @param  list<string>  $missing
     */
    public function __construct(public array $used, public array $missing)
    {
    }

    public static function of(Draft $draft): self
    {
        $say = static fn (array $facts): array => array_values(
            array_map(static fn (string $f): string => self::WORDS[$f] ?? $f, $facts),
        );

        return new self($say($draft->used), $say($draft->missing));
    }
}
