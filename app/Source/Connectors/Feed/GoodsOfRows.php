<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors\Feed;

use WindowStall\Core\Feeds\FeedRow;
use WindowStall\Core\Feeds\Mapping;

/** Rows of one item as they are gathered, and whether it can be known again by how they came. */
final class GoodsOfRows
{
    /** @var list<FeedRow> */
    public array $lines = [];

    private ?string $item = null;

    /** @var list<string> */
    private array $hashes = [];

    /** Whether every row of it was used; what couldn't be is looked at anew each time. */
    private bool $whole = true;

    private readonly string $salt;

    public function __construct(Mapping $mapping)
    {
        $this->salt = KnownGoods::salt($mapping);
    }

    public function takes(string $item): bool
    {
        return $this->item === null || $this->item === $item;
    }

    public function add(\stdClass $row): void
    {
        $this->item = (string) $row->item;
        $this->hashes[] = (string) $row->hash;
        if ($row->line === null || $row->first !== $row->row) {
            $this->whole = false;

            return;
        }
        $said = json_decode((string) $row->line, true, 8, JSON_THROW_ON_ERROR);
        $this->lines[] = new FeedRow((int) $row->row, $this->item, (string) $row->sku, ...$said);
    }

    /** A hash of the item as it came; null where it has to be read again next time. */
    public function raw(): ?string
    {
        return $this->whole ? md5($this->salt.implode('', $this->hashes)) : null;
    }

    public function begin(): void
    {
        [$this->lines, $this->item, $this->hashes, $this->whole] = [[], null, [], true];
    }
}
