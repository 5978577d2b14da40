<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

use WindowStall\Core\Print\Plates\PlateForm;

/**
 * A photograph of a blank on which artwork can be laid: addresses of its layers, and where each area lies on it.
 *
 * @phpstan-type SaidPlate array{
 *     scene: string, name: string, side: int, pictures: array<string, string>, mask: string, shading: string,
 *     displacement: string, reach: int, areas: array<string, SaidForm>,
 * }
 *
 * @phpstan-import-type SaidForm from PlateForm
 */
final readonly class PrintPlate
{
    /**
     * @param  int  $side  units on each side, in which forms and reach are said
     * @param  array<string, string>  $pictures  colour → address of the picture of the blank in it
     * @param  string  $shading  address of a grey picture of the light; 224 leaves ink as it is
     * @param  string  $displacement  address: red moves across, green down, 128 not at all
     * @param  int  $reach  units that the displacement moves by at most
     * @param  array<string, SaidForm>  $areas  by code; what isn't seen is missing
     */
    public function __construct(
        public string $scene,
        public string $name,
        public int $side,
        public array $pictures,
        public string $mask,
        public string $shading,
        public string $displacement,
        public int $reach,
        public array $areas,
    ) {
    }

    /** @return SaidPlate */
    public function toArray(): array
    {
        return [
            'scene' => $this->scene,
            'name' => $this->name,
            'side' => $this->side,
            'pictures' => $this->pictures,
            'mask' => $this->mask,
            'shading' => $this->shading,
            'displacement' => $this->displacement,
            'reach' => $this->reach,
            'areas' => $this->areas,
        ];
    }

    public function form(PrintArea $area): ?PlateForm
    {
        return isset($this->areas[$area->code]) ? PlateForm::fromArray($this->areas[$area->code], $area) : null;
    }
}
