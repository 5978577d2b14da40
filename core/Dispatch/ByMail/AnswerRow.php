<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\ByMail;

/** One row of a supplier's answer. */
final readonly class AnswerRow
{
    public function __construct(
        public string $order,
        public string $article,
        public int $pieces,
        public AnswerKind $kind,
        public string $carrier,
        public string $tracking,
    ) {
    }
}
