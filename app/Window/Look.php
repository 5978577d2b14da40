<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Look\ColourUnreadable;
use WindowStall\Core\Look\LookForm;
use WindowStall\Core\Look\LookPlan;
use WindowStall\Core\Look\LookUnreadable;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\Tones;
use WindowStall\Core\UserMessage;
use WindowStall\Support\Refusal;

/** The stall's brand decisions: a look plan under a name, and a wordmark or a logo. */
final readonly class Look
{
    public const MOST_WORDMARK = 40;

    public const MOST_NAME = 40;

    private const LOGO = '#^\d+/logo/[0-9a-f]{16}(?:-f)?$#D';

    /**
     * @param  array{path: string, width: int, height: int}|null  $logo
     * @param  array{path: string, width: int, height: int}|null  $logoOnDark  drawn for a dark ground
     */
    public function __construct(
        public string $name,
        public LookPlan $plan,
        public string $wordmark,
        public ?array $logo,
        public ?array $logoOnDark = null,
    ) {
    }

    public static function begin(StarterLook $starter, string $wordmark): self
    {
        return new self($starter->words(), $starter->plan(), mb_substr(trim($wordmark), 0, self::MOST_WORDMARK), null);
    }

    /**
     * @param  array<mixed>  $said
     *
     * @throws Refusal|ColourUnreadable|LookUnreadable
     */
    public static function from(array $said): self
    {
        $wordmark = self::words($said['wordmark'] ?? null);
        if ($wordmark === '' || mb_strlen($wordmark) > self::MOST_WORDMARK) {
            throw new Refusal(sprintf('The wordmark needs 1 to %d letters.', self::MOST_WORDMARK));
        }
        $name = self::words($said['name'] ?? null);
        if ($name === '' || mb_strlen($name) > self::MOST_NAME) {
            throw new Refusal(sprintf('A look’s name needs 1 to %d letters.', self::MOST_NAME));
        }

        return new self(
            name: $name,
            plan: LookForm::read($said),
            wordmark: $wordmark,
            logo: self::logo($said['logo'] ?? null),
            logoOnDark: self::logo($said['logoOnDark'] ?? null),
        );
    }

    /**
     * What was stored; a look that can't be read any more is the first starter's, under the same wordmark.
     *
     * @param  array<mixed>  $saved
     */
    public static function restore(array $saved): self
    {
        try {
            return self::from($saved);
        } catch (UserMessage) {
            $wordmark = self::words($saved['wordmark'] ?? null);

            return self::begin(StarterLook::SeedPacket, $wordmark === '' ? 'The shop' : $wordmark);
        }
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'wordmark' => $this->wordmark,
            'logo' => $this->logo,
            'logoOnDark' => $this->logoOnDark,
        ] + LookForm::of($this->plan);
    }

    /** @return list<string> where its logos lie */
    public function logoPaths(): array
    {
        return array_column(array_filter([$this->logo, $this->logoOnDark]), 'path');
    }

    public function tones(): Tones
    {
        return $this->plan->tones();
    }

    /** @return array{path: string, width: int, height: int}|null */
    private static function logo(mixed $said): ?array
    {
        if (! is_array($said) || ! is_string($said['path'] ?? null) || preg_match(self::LOGO, $said['path']) !== 1) {
            return null;
        }

        return [
            'path' => $said['path'],
            'width' => self::pixels($said, 'width'),
            'height' => self::pixels($said, 'height'),
        ];
    }

    /** @param  array<mixed>  $said */
    private static function pixels(array $said, string $side): int
    {
        return is_numeric($said[$side] ?? null) ? max(1, min(10_000, (int) $said[$side])) : 1;
    }

    private static function words(mixed $said): string
    {
        return is_string($said) ? trim($said) : '';
    }
}
