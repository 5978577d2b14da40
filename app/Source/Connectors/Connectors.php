<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** The kinds of supplier that the workshop can speak with. */
final readonly class Connectors
{
    /** @param  array<string, Connector>  $byKind */
    private function __construct(private array $byKind)
    {
    }

    public static function shipped(): self
    {
        $all = [new Oakum\OakumConnector((int) config('stall.oakum.seconds'))];

        return new self(array_combine(array_map(static fn (Connector $c): string => $c->kind(), $all), $all));
    }

    public function get(string $kind): Connector
    {
        return $this->byKind[$kind] ?? throw new \OutOfBoundsException('No connector speaks '.$kind.'.');
    }
}
