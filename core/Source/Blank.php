<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/**
 * What a print house says of a blank besides what it says of any item.
 *
 * @phpstan-type SaidBlank array{
 *     areas: list<SaidArea>, methods: list<SaidMethod>, sheet?: array{width: int, height: int, outline: string}|null,
 *     colours?: array<string, string>, dark?: list<string>, scales?: array<string, int>, plates?: list<SaidPlate>,
 *     facts?: SaidFacts,
 * }
 *
 * @phpstan-import-type SaidArea from PrintArea
 * @phpstan-import-type SaidMethod from PrintMethod
 * @phpstan-import-type SaidPlate from PrintPlate
 * @phpstan-import-type SaidFacts from BlankFacts
 */
final readonly class Blank
{
    /** What a print house calls the options of its blanks, in our words. */
    public const COLOUR = 'Colour';

    public const SIZE = 'Size';

    /**
     * @param  list<PrintArea>  $areas
     * @param  list<PrintMethod>  $methods
     * @param  array<string, string>  $colours  colour → "#dccdb0"
     * @param  list<string>  $dark  colours under which white is printed first
     * @param  array<string, int>  $scales  size → thousandths of its areas; a size that isn't named has them whole
     * @param  list<PrintPlate>  $plates
     */
    public function __construct(
        public array $areas,
        public array $methods,
        public ?PrintSheet $sheet = null,
        public array $colours = [],
        public array $dark = [],
        public array $scales = [],
        public array $plates = [],
        public BlankFacts $facts = new BlankFacts(),
    ) {
    }

    public function area(string $code): ?PrintArea
    {
        return array_column($this->areas, null, 'code')[$code] ?? null;
    }

    public function method(string $code): ?PrintMethod
    {
        return array_column($this->methods, null, 'code')[$code] ?? null;
    }

    public function plate(string $scene): ?PrintPlate
    {
        return array_column($this->plates, null, 'scene')[$scene] ?? null;
    }

    /** Thousandths of what is said that the areas of that size are. */
    public function scale(string $size): int
    {
        return $this->scales[$size] ?? 1000;
    }

    /** @return SaidBlank */
    public function toArray(): array
    {
        return [
            'areas' => array_map(static fn (PrintArea $a): array => $a->toArray(), $this->areas),
            'methods' => array_map(static fn (PrintMethod $m): array => $m->toArray(), $this->methods),
            'sheet' => $this->sheet?->toArray(),
            'colours' => $this->colours,
            'dark' => $this->dark,
            'scales' => $this->scales,
            'plates' => array_map(static fn (PrintPlate $p): array => $p->toArray(), $this->plates),
            'facts' => $this->facts->toArray(),
        ];
    }

    /** @param  SaidBlank  $said */
    public static function fromArray(array $said, string $currency): self
    {
        return new self(
            array_map(PrintArea::fromArray(...), $said['areas']),
            array_map(static fn (array $m): PrintMethod => PrintMethod::fromArray($m, $currency), $said['methods']),
            isset($said['sheet']) ? new PrintSheet(...$said['sheet']) : null,
            $said['colours'] ?? [],
            $said['dark'] ?? [],
            $said['scales'] ?? [],
            array_map(static fn (array $p): PrintPlate => new PrintPlate(...$p), $said['plates'] ?? []),
            new BlankFacts(...$said['facts'] ?? []),
        );
    }
}
