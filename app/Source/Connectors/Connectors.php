<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

/** The kinds of supplier that the workshop can read: every folder here that holds a connector named after it. */
final readonly class Connectors
{
    /** @param  array<string, Connector>  $byKind */
    private function __construct(private array $byKind)
    {
    }

    public static function shipped(): self
    {
        $all = [];
        foreach (glob(__DIR__.'/*/*Connector.php') ?: [] as $file) {
            $class = __NAMESPACE__.'\\'.basename(dirname($file)).'\\'.basename($file, '.php');
            $connector = new $class;
            \assert($connector instanceof Connector);
            $all[$connector->card()->kind] = $connector;
        }
        uasort($all, static fn (Connector $a, Connector $b): int => $a->card()->order <=> $b->card()->order);

        return new self($all);
    }

    public function get(string $kind): Connector
    {
        return $this->byKind[$kind] ?? throw new \OutOfBoundsException('No connector speaks '.$kind.'.');
    }

    /** @return list<ConnectorCard> those one can connect */
    public function cards(): array
    {
        $cards = array_map(static fn (Connector $c): ConnectorCard => $c->card(), $this->byKind);

        return array_values(array_filter($cards, static fn (ConnectorCard $card): bool => $card->offered));
    }
}
