<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;

/** Says where the demo is, before it is made too. */
final class ShowAddresses extends Command
{
    protected $signature = 'stall:addresses {--json= : where to write them as JSON}';

    protected $description = 'Print where everything is';

    public function handle(): int
    {
        $at = static fn (string $host): string => config('stall.scheme').'://'.$host.config('stall.port_suffix');
        $addresses = [
            'workshop' => $at(config('stall.workshop_host')),
            'shop' => $at('quillet.'.config('stall.shops_host')),
            'standins' => $at(config('stall.standins_host')),
            'email' => MakeDemo::EMAIL,
            'password' => MakeDemo::PASSWORD,
        ];
        $json = $this->option('json');
        if (is_string($json) && $json !== '') {
            File::put($json, json_encode($addresses, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n");
        }
        $this->line('  The workshop    '.$addresses['workshop']);
        $this->line('  Quillet’s shop  '.$addresses['shop']);
        $supplier = config('stall.oakum.address');
        $this->line('  The stand-ins   '.$addresses['standins'].'   (play the supplier: '.$supplier.')');
        $this->line('  Sign in as      '.$addresses['email'].'   password '.$addresses['password']);

        return self::SUCCESS;
    }
}
