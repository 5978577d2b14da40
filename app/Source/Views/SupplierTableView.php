<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

/** The table a supplier is read from: whether its columns need a meaning and have one, and whether it was sent as a file. */
final readonly class SupplierTableView
{
    public function __construct(
        public bool $mapped,
        public bool $ready,
        public bool $sent,
    ) {
    }
}
