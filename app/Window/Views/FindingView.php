<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Window\AuditFinding;

/** A finding, in the margin where it belongs. */
final readonly class FindingView
{
    public function __construct(
        public string $key,
        public ?string $section,
        public string $words,
        public string $why,
        public ?MendView $mend,
    ) {
    }

    public static function of(AuditFinding $finding): self
    {
        $mend = $finding->mend;

        return new self(
            key: $finding->key,
            section: $finding->section,
            words: $finding->words,
            why: $finding->why,
            mend: $mend === null ? null : new MendView(
                words: $mend->words,
                do: $mend->do,
                section: $mend->section,
                field: $mend->field,
                row: $mend->row,
                part: $mend->part,
                value: $mend->value,
            ),
        );
    }
}
