<?php

declare(strict_types=1);

namespace WindowStall\Support\Pictures;

use Intervention\Image\Interfaces\ImageInterface;

/** What of a picture is shown: a piece around a point that has to stay in view; goods are shown as squares. */
final readonly class Crop
{
    public const NEAREST = 400;

    /**
     * @param  int  $x  the point, in hundredths from the left
     * @param  int  $y  in hundredths from the top
     * @param  int  $zoom  100 is the largest piece there is, 200 half of its side
     */
    public function __construct(public int $x, public int $y, public int $zoom, public Cut $cut = Cut::Square)
    {
        if (min($x, $y) < 0 || max($x, $y) > 100 || $zoom < 100 || $zoom > self::NEAREST) {
            throw new \InvalidArgumentException('A crop lies within the picture.');
        }
    }

    public function key(): string
    {
        return "{$this->x},{$this->y},{$this->zoom}".($this->cut === Cut::Square ? '' : ','.$this->cut->value);
    }

    /**
     * @return array{width: int, height: int, left: int, top: int} pixels; the point stays in the middle as far as the
     *     edges allow
     */
    public function piece(int $width, int $height): array
    {
        [$across, $down] = $this->cut->largest($width, $height);
        $across = max(1, intdiv($across * 100, $this->zoom));
        $down = max(1, intdiv($down * 100, $this->zoom));

        return [
            'width' => $across,
            'height' => $down,
            'left' => self::place($width, $across, $this->x),
            'top' => self::place($height, $down, $this->y),
        ];
    }

    /** @return array{int, int} where the point lies in the piece that is shown, in hundredths from left and top */
    public function seen(int $width, int $height): array
    {
        $piece = $this->piece($width, $height);
        $within = static fn (int $length, int $side, int $from, int $percent): int => max(
            0,
            min(100, (int) round(((($length * $percent) / 100 - $from) * 100) / $side)),
        );

        return [
            $within($width, $piece['width'], $piece['left'], $this->x),
            $within($height, $piece['height'], $piece['top'], $this->y),
        ];
    }

    public function apply(ImageInterface $image): void
    {
        ['width' => $width, 'height' => $height, 'left' => $left, 'top' => $top] = $this->piece(
            $image->width(),
            $image->height(),
        );
        $image->crop($width, $height, $left, $top);
    }

    private static function place(int $length, int $side, int $percent): int
    {
        return max(0, min($length - $side, intdiv($length * $percent, 100) - intdiv($side, 2)));
    }
}
