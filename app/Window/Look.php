<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Look\Colour;
use WindowStall\Core\Look\ColourUnreadable;
use WindowStall\Core\Look\StarterLook;
use WindowStall\Core\Look\Tones;
use WindowStall\Support\Refusal;

/** The stall's brand decisions: a starter look, a brand colour, a wordmark or a logo. */
final readonly class Look
{
    public const MOST_WORDMARK = 40;

    /** @param  array{path: string, width: int, height: int}|null  $logo */
    public function __construct(public StarterLook $starter, public Colour $brand, public string $wordmark, public ?array $logo)
    {
    }

    /**
     * @param  array<mixed>  $said
     *
     * @throws Refusal|ColourUnreadable
     */
    public static function from(array $said): self
    {
        $starter = StarterLook::tryFrom(is_string($said['starter'] ?? null) ? $said['starter'] : '') ?? throw new Refusal('There is no such starter look.');
        $wordmark = trim(is_string($said['wordmark'] ?? null) ? $said['wordmark'] : '');
        if ($wordmark === '' || mb_strlen($wordmark) > self::MOST_WORDMARK) {
            throw new Refusal(sprintf('The wordmark needs 1 to %d letters.', self::MOST_WORDMARK));
        }
        $logo = is_array($said['logo'] ?? null) && is_string($said['logo']['path'] ?? null) && preg_match('#^\d+/logo/[0-9a-f]{16}$#D', $said['logo']['path']) === 1
            ? ['path' => $said['logo']['path'], 'width' => (int) ($said['logo']['width'] ?? 1), 'height' => (int) ($said['logo']['height'] ?? 1)] : null;

        return new self($starter, Colour::hex(is_string($said['brand'] ?? null) ? $said['brand'] : ''), $wordmark, $logo);
    }

    /** @return array{starter: string, brand: string, wordmark: string, logo: array{path: string, width: int, height: int}|null} */
    public function toArray(): array
    {
        return ['starter' => $this->starter->value, 'brand' => $this->brand->toHex(), 'wordmark' => $this->wordmark, 'logo' => $this->logo];
    }

    public function tones(): Tones
    {
        return Tones::from($this->brand, $this->starter->mood());
    }
}
