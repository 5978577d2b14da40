<?php

declare(strict_types=1);

namespace WindowStall\Window;

use Illuminate\Database\Eloquent\Model;

/**
 * What is dressed in the galley: the front page with the look, or a page that the seller wrote. It has a working copy
 * that counts its savings, and beside it what shoppers see.
 *
 * @phpstan-require-extends Model
 *
 * @property int $stall_id
 * @property int $version counts the savings of the working copy
 * @property list<string> $waved keys of findings that were waved away
 */
interface Dressed
{
    public function workingContent(): Content;

    /** What shoppers see; before the first publishing, nothing. */
    public function publishedContent(): ?Content;

    /** @return array<string, mixed> the columns that hold this as the working copy */
    public function holding(Content $content): array;

    /** The written page's number; null for the front page. */
    public function page(): ?int;
}
