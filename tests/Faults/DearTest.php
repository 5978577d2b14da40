<?php

declare(strict_types=1);

namespace WindowStall\Tests\Faults;

use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Facades\DB;
use Psr\Http\Message\ResponseInterface;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/**
 * What costs much is bounded, and never costs a shopper anything: through the real web server, with its real limits.
 */
final class DearTest extends FaultsTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
    }

    public function test_ten_feeds_that_drip_hold_nobody_up(): void
    {
        $variant = $this->onSale($this->stall, 'drip-'.$this->stall->id, 3);
        $seller = $this->seller();
        $drip = config('stall.kilnfold.address').'/trade/drip.csv';
        $looks = [];
        foreach (range(1, 10) as $n) {
            $connection = SupplierConnection::of($this->stall)
                ->create([
                    'public_id' => (string) \Illuminate\Support\Str::uuid(),
                    'kind' => 'feed',
                    'name' => 'Drip '.$n,
                    'address' => $drip.'?'.$n,
                    'secrets' => ['key' => '', 'hook' => ''],
                ]);
            $looks[] = $seller->get(
                '/at/'.$this->stall->handle.'/source/connections/'.$connection->id.'/mapping',
            );
        }
        self::assertSame(
            array_fill(0, 10, 200),
            array_map(static fn (ResponseInterface $r): int => $r->getStatusCode(), $looks),
        );
        $slowest = 0.0;
        $watch = [
            'on_stats' => static function ($stats) use (&$slowest): void {
                $slowest = max($slowest, $stats->getTransferTime());
            },
        ];
        $shop = Utils::unwrap(
            array_map(
                fn () => $this->visitor()->postAsync(
                    $this->stall->shopAddress('/basket'),
                    ['form_params' => ['listing' => $variant->listing_id, 'variant' => $variant->id]] + $watch,
                ),
                range(1, 6),
            ),
        );
        self::assertSame(
            array_fill(0, 6, 303),
            array_map(static fn (ResponseInterface $r): int => $r->getStatusCode(), $shop),
        );
        self::assertLessThan(6.0, $slowest, 'a shopper waited for a feed');
        self::assertSame(200, $seller->get('/at/'.$this->stall->handle.'/bench')->getStatusCode());
        // Nobody needs the rest of what drips.
        Run::query()
            ->where('stall_id', $this->stall->id)
            ->where('state', RunState::Waiting)
            ->update(['state' => RunState::Cancelled]);
    }

    public function test_a_large_file_of_listings_is_brought_in_through_the_web_servers_limits(): void
    {
        $variant = $this->onSale($this->stall, 'import-'.$this->stall->id, 3);
        $record = static fn (int $n): string => (string) json_encode([
            'listing' => $variant->listing_id,
            'title' => 'Title '.$n,
            'notes' => str_repeat('x', 1900),
        ]);
        $file =
            '{"format":"window-stall/listings","listings":['.
            implode(',', array_map($record, range(1, 150))).
            ','.
            implode(
                ',',
                array_map(
                    static fn (int $n): string => (string) json_encode([
                        'listing' => 1,
                        'supplier' => 'Nobody',
                        'item' => 'N-'.$n,
                        'description' => str_repeat('y', 20_000),
                    ]),
                    range(1, 1500),
                ),
            ).
            ']}';
        self::assertGreaterThan(30_000_000, strlen($file));
        $answer = $this->seller()->upload(
            '/at/'.$this->stall->handle.'/bench/import',
            'file',
            'listings.json',
            $file,
        );
        self::assertSame(200, $answer->getStatusCode(), (string) $answer->getBody());
        $run = Run::query()->findOrFail((int) json_decode((string) $answer->getBody(), true)['id']);
        $this->until(fn (): bool => ! $run->refresh()->state->open(), 'for it to be in', 60);
        self::assertSame(
            [RunState::Done, 1500, 'Title 150'],
            [$run->state, $run->rejects, $variant->listing()->firstOrFail()->own_title],
        );
        self::assertSame([], glob(base_path('var/faults/storage/app/imports/'.$this->stall->id.'/*')) ?: []);
    }

    public function test_pictures_are_refused_or_made_by_their_worker(): void
    {
        $variant = $this->onSale($this->stall, 'picture-'.$this->stall->id, 3);
        $seller = $this->seller();
        $send = fn (string $bytes): ResponseInterface => $seller->upload(
            '/at/'.$this->stall->handle.'/bench/'.$variant->listing_id.'/pictures',
            'picture',
            'p.png',
            $bytes,
        );
        $bomb =
            "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 9000, 9000, 8, 2, 0, 0, 0).pack('N', 0);
        foreach ([[$bomb, 'million pixels'], [str_repeat('x', 13_000_000), 'larger than 12 MB']] as [$bytes, $why]) {
            $answer = $send($bytes);
            self::assertSame(422, $answer->getStatusCode());
            self::assertStringContainsString($why, (string) $answer->getBody());
        }
        ob_start();
        imagepng(imagecreatetruecolor(1600, 1200) ?: self::fail());
        self::assertSame(200, $send((string) ob_get_clean())->getStatusCode());
        $this->until(
            fn (): bool => DB::table('pictures')
                ->where('listing_id', $variant->listing_id)
                ->whereNull('source')
                ->where('state', Picture::READY)
                ->exists(),
            'for the picture to be made',
        );
    }
}
