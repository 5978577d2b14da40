<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Places;

/** Somewhere a stall sends to on terms of its own, or doesn't send to: "the Highlands and the islands", "anywhere else". */
final readonly class Place
{
    /**
     * @param  int  $id  by which whoever asks knows it again
     * @param  string  $name  as it stands in a sentence
     * @param  list<Territory>  $territories  none for anywhere
     */
    public function __construct(public int $id, public string $name, public array $territories)
    {
    }

    public function nearness(Destination $to): ?Nearness
    {
        $nearest = $this->territories === [] ? Nearness::anywhere() : null;
        foreach ($this->territories as $territory) {
            $nearness = $territory->nearness($to);
            if ($nearness !== null && ($nearest === null || $nearness->rank > $nearest->rank)) {
                $nearest = $nearness;
            }
        }

        return $nearest;
    }
}
