<?php

declare(strict_types=1);

namespace WindowStall\Support\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Writes the TypeScript twins of the …View classes, so that both sides of the border agree. */
final class WriteTypes extends Command
{
    protected $signature = 'types {--check : fail when the written file is stale, and write nothing}';

    protected $description = 'Write resources/js/types.d.ts from the View classes';

    public function handle(): int
    {
        $file = resource_path('js/types.d.ts');
        $types = (new ViewTypes)->write(app_path());
        if ($this->option('check')) {
            if (! is_file($file) || File::get($file) !== $types) {
                $this->error('resources/js/types.d.ts is stale. Run: php artisan types');

                return self::FAILURE;
            }

            return self::SUCCESS;
        }
        File::put($file, $types);
        $this->info('Written.');

        return self::SUCCESS;
    }
}
