<?php

declare(strict_types=1);

namespace WindowStall\Support\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use WindowStall\Core\Look\FaceCut;

/** Writes what the front end is built from: the TypeScript twins of the …View classes, and the cuts of typefaces. */
final class WriteTypes extends Command
{
    protected $signature = 'types {--check : fail when the written file is stale, and write nothing}';

    protected $description = 'Write what the front end takes from PHP: types and typefaces';

    public function handle(): int
    {
        $written = ['shop/faces/faces.json' => self::faces()];
        foreach ((new ViewTypes())->write(app_path()) as $area => $types) {
            $written[sprintf('js/types/%s.d.ts', $area)] = $types;
        }
        foreach ($written as $name => $text) {
            $file = resource_path($name);
            if (! $this->option('check')) {
                File::put($file, $text);
            } elseif (! is_file($file) || File::get($file) !== $text) {
                $this->error('resources/'.$name.' is stale. Run: php artisan types');

                return self::FAILURE;
            }
        }
        foreach (array_diff(File::glob(resource_path('js/types/*')), array_map(resource_path(...), array_keys($written))) as $left) {
            if ($this->option('check')) {
                $this->error($left.' is of no area. Run: php artisan types');

                return self::FAILURE;
            }
            File::delete($left);
        }
        $this->info($this->option('check') ? 'As it should be.' : 'Written.');

        return self::SUCCESS;
    }

    /** Which cuts of which typefaces the looks can ask for, for the build that makes them. */
    private static function faces(): string
    {
        $cuts = array_map(
            static fn (FaceCut $cut): array => ['face' => $cut->face->value, 'weight' => $cut->weight],
            FaceCut::all(),
        );

        return json_encode($cuts, JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR)."\n";
    }
}
