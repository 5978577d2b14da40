<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Look\LogoOnGround;
use WindowStall\Support\Pictures\PictureColours;

/** Which of a look's logos stands at the head of the page, and on what, so that it is seen. */
final readonly class HeadLogo
{
    /** Where a logo goes that can't be seen on the head itself, in the order they are tried. */
    private const PLATES = ['ground', 'sheet', 'deep', 'on-deep', 'ink'];

    /**
     * @param  array{path: string, width: int, height: int}  $logo
     * @param  float  $contrast  of the logo with the head of the page
     * @param  string|null  $plate  the tone of a plate under it, where the head itself won't do
     */
    private function __construct(public array $logo, public float $contrast, public ?string $plate)
    {
    }

    /** Null for a look with a wordmark. */
    public static function of(Look $look): ?self
    {
        $head = $look->plan->build->head();
        $logos = self::inOrder($look, $head);
        foreach ($logos as $logo) {
            $contrast = self::contrast($look, $logo, $head);
            if ($contrast >= LogoOnGround::LEAST) {
                return new self($logo, $contrast, null);
            }
        }
        if ($logos === []) {
            return null;
        }
        foreach (self::PLATES as $plate) {
            if (self::contrast($look, $logos[0], $plate) >= LogoOnGround::LEAST) {
                return new self($logos[0], self::contrast($look, $logos[0], $head), $plate);
            }
        }

        return new self($logos[0], self::contrast($look, $logos[0], $head), null);
    }

    /** What the seller should know of it, or nothing. */
    public function words(): string
    {
        return $this->plate === null ? '' : sprintf(
            'On the head of the page the logo would stand at %.1f to 1, so it has a plate of its own. '
                .'One drawn for the other kind of ground does without.',
            floor($this->contrast * 10) / 10,
        );
    }

    /** @return list<array{path: string, width: int, height: int}> the one made for such a ground first */
    private static function inOrder(Look $look, string $head): array
    {
        $dark = $look->tones()->get($head)->toOklch()[0] < 0.6;
        $logos = $dark ? [$look->logoOnDark, $look->logo] : [$look->logo, $look->logoOnDark];

        return array_values(array_filter($logos));
    }

    /** @param  array{path: string, width: int, height: int}  $logo */
    private static function contrast(Look $look, array $logo, string $tone): float
    {
        return LogoOnGround::contrast(
            PictureColours::of($logo['path']),
            PictureColours::POINTS,
            $look->tones()->get($tone),
        );
    }
}
