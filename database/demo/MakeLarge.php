<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Door;
use WindowStall\Support\Refusal;

/**
 * Makes the wholesaler as large as they get and lets Quillet pull it; the pull goes on in the background and can be
 * watched in Source.
 */
final class MakeLarge extends Command
{
    protected $signature = 'stall:large {--variants=100000}';

    protected $description = 'Make Oakum Depot 100,000 variants large and pull them into Quillet';

    public function handle(StartPull $pull): int
    {
        Artisan::call('standins:enlarge', ['--variants' => $this->option('variants')]);
        $this->line(trim(Artisan::output()));
        $stall = Door::enter('quillet') ?? throw new Refusal('There is no demo yet; bin/start makes it.');
        $pull(SupplierConnection::of($stall)->where('kind', 'oakum')->firstOrFail(), null);
        $this->line('Quillet pulls them now; Source shows how far it is.');

        return self::SUCCESS;
    }
}
