<?php

declare(strict_types=1);

namespace WindowStall\Bench;

/** Where a listing lies. */
enum ListingState: string
{
    case OnBench = 'on_bench';
    case InWindow = 'in_window';
    case PutBy = 'put_by';

    public function words(): string
    {
        return match ($this) {
            self::OnBench => 'on the bench', self::InWindow => 'in the window', self::PutBy => 'put by',
        };
    }
}
