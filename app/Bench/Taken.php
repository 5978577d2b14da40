<?php

declare(strict_types=1);

namespace WindowStall\Bench;

/** What taking items to the bench came to. */
final readonly class Taken
{
    /**
     * @param  list<Listing>  $new
     * @param  int  $already  how many lay there before
     */
    public function __construct(public array $new, public int $already)
    {
    }

    public function words(): string
    {
        $new = count($this->new);
        $words = match ($new) {
            0 => 'Nothing new was taken', 1 => '1 item lies on the bench', default => $new.' items lie on the bench',
        };

        return $words.($this->already > 0 ? sprintf('; %d lay there already.', $this->already) : '.');
    }
}
