<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum\Console;

use Illuminate\Console\Command;
use WindowStall\Standins\Kilnfold;
use WindowStall\Standins\Oakum\Books;

/** Fills the stand-in suppliers' shelves, unless they are filled already. */
final class Restock extends Command
{
    protected $signature = 'standins:restock {--afresh : forget orders and changes and begin again}';

    protected $description = 'Fill the stand-in suppliers’ shelves';

    public function handle(): int
    {
        if ($this->option('afresh') || ! Books::table('items')->exists()) {
            Books::restock();
        }
        if ($this->option('afresh') || ! Kilnfold\Books::articles()->exists()) {
            Kilnfold\Books::restock();
        }
        $this->info(
            sprintf(
                'Oakum Depot: %d items, %d variants.',
                Books::table('items')->count(),
                Books::table('variants')->count(),
            ),
        );

        return self::SUCCESS;
    }
}
