<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** A bad night: a supplier changed a little of everything. Twelve things happened, each is said, and each is decided. */
final class MorningTest extends BrowserTestCase
{
    private const HEADS = ['range', 'sku', 'ean', 'name', 'colour', 'section', 'price', 'rrp', 'stock', 'weight'];

    /** Mugs, of two colours each. */
    private const POTS = 12;

    /** What begins by being followed, and is asked about here. */
    private const ASK = ['stock', 'weights', 'recommended prices', 'names of options'];

    /** The desk's sentences, what costs most to leave lying first. */
    private const HAPPENED = [
        'Slipware raised 2 costs, by 50%',
        'Slipware lowered 2 costs, by 33%',
        'Slipware no longer offers an item of yours',
        'Slipware took a variant off one item',
        'Slipware seems to have something of yours under another code',
        'Slipware offers a new variant of one item',
        'Slipware rewrote a title',
        'Slipware sold out of a variant',
        'Slipware has a variant again',
        'Slipware calls a variant of one item otherwise',
        'Slipware changed a weight',
        'Slipware changed a recommended price',
    ];

    public function test_a_little_of_everything_is_said_decided_and_taken_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk, connect: false);
        $this->connect($desk);
        $this->takeAll($desk);
        $drift = self::workshop('/at/'.$handle.'/drift');
        $desk->open($drift)->see('Nothing asks you.')->press('Your rules');
        foreach (self::ASK as $fact) {
            $desk->answered(fn () => $desk->click('select[aria-label="Slipware, '.$fact.'"] option[value="ask"]'));
        }
        $desk->press('Close');
        $this->pull($desk, $handle);

        // Twelve sentences, each with its group; the first is open.
        $desk->open($drift)->see('14 ask you');
        $heads = fn (): array => array_map(static fn ($h): string => $h->getText(), $desk->all('[data-group] h2'));
        self::assertSame(self::HAPPENED, $heads());
        self::assertStringContainsString('14', $desk->css('nav a[href$="/drift"]')->getText(), 'what needs a person');
        $desk->readsForEveryone('a morning of twelve things');
        $desk->see('It is the same')->see('It asks by the rule: it moved by more than 15%')->see('8.00 GBP')->see('12.00 GBP');

        // By keys alone: the first kept as it was, the second chosen and agreed to.
        $desk->script('document.activeElement?.blur()');
        $desk->key('j')->key('m')->see('Slipware raised a cost by 50%')->see('kept what was agreed in 1 change');
        $desk->script('document.activeElement?.blur()');
        $desk->key('j')->key('x')->see('Agree to 1')->key('a')->see('agreed to 1 change');
        self::assertNotContains('Slipware raised a cost by 50%', $heads());
        $desk->press('take it back')->see('Slipware raised a cost by 50%');

        // A group that is put by as a whole, and back.
        $goes = '[data-group$="-item_gone"]';
        $desk->click($goes.' h2 a')->see('Mug 5')->click($goes.' button:last-of-type')->see('agreed to 1 change');
        self::assertNotContains('Slipware no longer offers an item of yours', $heads());
        $desk->press('take it back')->see('Slipware no longer offers an item of yours');
        $open = '[data-group]:has(h2 a[aria-expanded="true"])';
        // Every group that is left is decided as it is seen.
        foreach (array_slice(self::HAPPENED, 1) as $happened) {
            $desk->press($happened);
            $desk->waitFor($open.' h2', $happened);
            self::assertTrue($desk->has('[data-line]'), $happened.', opened to its changes');
            $desk->click($open.' button');
            $desk->until(fn (): bool => ! in_array($happened, $heads(), true), 'for it to be decided: '.$happened);
        }
        self::assertSame(['Slipware raised a cost by 50%'], $heads());
    }

    private function connect(Page $desk): void
    {
        $desk->press('Connect a supplier')->click('a[href*="kind=feed"]');
        $desk->write('What the supplier is called', 'Slipware')->press('I send a file');
        $desk->css('[data-file]')->sendKeys(self::list(night: false));
        $desk->press('Read its first rows')->waitFor('[data-preview]', '12 items with 24 variants');
        $desk->write('What a parcel costs', 'GB; 30 kg; 4.85; 2-3')
            ->waitFor('[data-delivery]', 'Every variant can be delivered to the United Kingdom.');
        $desk->press('Save and pull the goods')->see('12 new');
    }

    private function takeAll(Page $desk): void
    {
        $desk->press('Its goods in Source')->see('12 items');
        $desk->script('document.activeElement?.blur()');
        for ($n = 0; $n < self::POTS; $n++) {
            $desk->key('j')->key('x');
        }
        $desk->see('12 items chosen')->press('Take to the bench')->see('Mug 11');
    }

    private function pull(Page $desk, string $handle): void
    {
        $desk->open(self::workshop('/at/'.$handle.'/source'))->click('[data-suppliers]');
        $desk->click('a[href*="/source/connections/"]')->see('Send a newer file');
        $desk->css('input[aria-label="A newer file"]')->sendKeys(self::list(night: true));
        $desk->see('1 gone');
    }

    /** @param  bool  $night  whether after the night that changed everything */
    private static function list(bool $night): string
    {
        $rows = [];
        for ($pot = 0; $pot < self::POTS; $pot++) {
            foreach (['Chalk', 'Moss'] as $n => $colour) {
                $row = self::row($pot, $n, $colour);
                $rows[] = $night ? self::changed($pot, $n, $row) : $row;
            }
        }
        $night && $rows[] = self::row(4, 2, 'Ink');
        $line = static fn (array $row): string => implode(';', array_map(static fn (string $h) => $row[$h], self::HEADS));
        $lines = [implode(';', self::HEADS), ...array_map($line, array_filter($rows))];
        $file = sys_get_temp_dir().'/slipware-'.bin2hex(random_bytes(4)).'.csv';
        file_put_contents($file, implode("\n", $lines)."\n");

        return $file;
    }

    /** @return array<string, string> */
    private static function row(int $pot, int $n, string $colour): array
    {
        return [
            'range' => 'M-'.$pot, 'sku' => 'M-'.$pot.'-'.$n, 'ean' => '', 'name' => 'Mug '.$pot, 'colour' => $colour,
            'section' => 'Mugs', 'price' => $pot === 1 ? '9.00' : '8.00', 'rrp' => '24.00',
            'stock' => $pot === 8 && $n === 0 ? '0' : '40', 'weight' => '0.4',
        ];
    }

    /**
     * @param  array<string, string>  $row
     * @return array<string, string>|null
     */
    private static function changed(int $pot, int $n, array $row): ?array
    {
        $first = $n === 0;

        return match (true) {
            $pot === 0 => ['price' => '12.00'] + $row,
            $pot === 1 => ['price' => '6.00'] + $row,
            $pot === 2 => ['name' => 'Stoneware mug'] + $row,
            $pot === 3 && $first, $pot === 5 => null,
            $pot === 6 && $first => ['sku' => 'N-6-0'] + $row,
            $pot === 7 && $first => ['stock' => '0'] + $row,
            $pot === 8 && $first => ['stock' => '25'] + $row,
            $pot === 9 && $first => ['weight' => '0.6'] + $row,
            $pot === 10 && $first => ['rrp' => '29.00'] + $row,
            $pot === 11 && $first => ['colour' => 'Lime'] + $row,
            default => $row,
        };
    }
}
