<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Print;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Storage;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\PutInWindow;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Print\Files\PrintFile;
use WindowStall\Print\Files\PrintOrders;
use WindowStall\Print\Placing\LayOut;
use WindowStall\Print\Placing\MakeGoods;
use WindowStall\Print\Placing\Placed;
use WindowStall\Source\Connectors\Tannet\TannetConnector;
use WindowStall\Standins\Tannet\Books;
use WindowStall\Tests\App\Shop\Shopper;

/** What is sold is printed as it lay then: one file of the right size, sent once, and an order that refers to it. */
final class PrintOrderTest extends PrintTestCase
{
    public function test_a_sold_tee_is_ordered_with_its_file_and_a_refusal_comes_back_to_where_it_was_laid(): void
    {
        [$placed, $listing] = $this->goods('TP-TEE');
        $order = $this->buy($listing, 'TP-TEE-OAT-M~'.$placed->id);
        $line = $order->lines()->sole();
        self::assertSame([$placed->id, 2], [$line->placing_id, $line->placing_revision]);
        // It is laid otherwise before the order is sent: what was sold is printed.
        $moved = $placed->laid;
        $moved['laid'][0]['pieces'][0]['x'] = 300;
        app(LayOut::class)->say($placed, Placing::read($moved, $placed->blank()));
        $this->send($order);

        $file = PrintFile::of($this->stall)->sole();
        self::assertSame([3000, 4000, 300, 'png'], [$file->width, $file->height, $file->dpi, $file->format]);
        $there = Books::db()->table('orders')->sole();
        $print = json_decode($there->lines, true)[0]['prints'][0];
        self::assertSame(['front', 'direct', $file->sha256, 300, 400, 300], [
            $print['area'], $print['method'], $print['file'], $print['width_mm'], $print['height_mm'], $print['dpi'],
        ]);
        self::assertSame(1030, (int) $there->goods);
        self::assertSame(SupplierOrderState::Sent, $order->supplierOrders()->sole()->state);

        // Measured by another program than the one that wrote it.
        $bytes = (string) Storage::get($file->path);
        self::assertSame([3543, 4724], array_slice((array) getimagesizefromstring($bytes), 0, 2));
        $picture = imagecreatefromstring($bytes) ?: self::fail();
        self::assertSame([300, 300], imageresolution($picture));
        $box = self::drawn($picture);
        // Nine tenths of 90 mm in the middle of 300: 81 mm from 109.5 on, at 300 dots to the inch of 25.4 mm.
        self::assertEqualsWithDelta(72 / 25.4 * 300, $box['width'], 3);
        self::assertEqualsWithDelta((150 - 36) / 25.4 * 300, $box['left'], 3);

        $row = $order->supplierOrders()->sole();
        $answer = (new TannetConnector())->cancel($this->house->access(), (string) $row->external_id);
        self::assertSame(SupplierOrderState::Withdrawn, $answer->state);
        Books::db()->table('orders')->update(['state' => 'refused', 'reason' => 'Marks along its edge.']);
        app(ApplyAnswer::class)($row, (new TannetConnector())->orderState($this->house->access(), (string) $row->external_id));
        self::assertSame([SupplierOrderState::Refused, 'Marks along its edge.'], [$row->refresh()->state, $row->refusal]);
        self::assertSame('Marks along its edge.', $placed->refresh()->refusal);

        // Sent once more it is a new order there with the same file.
        $this->post(route('counter.move', [$this->stall, $order]), ['lines' => [$line->id => ['variant' => $line->supplier_variant_id]]])
            ->assertSessionHasNoErrors();
        $this->send($order->refresh());
        self::assertSame([2, 1, 1], [
            Books::db()->table('orders')->count(),
            Books::db()->table('files')->count(),
            PrintFile::of($this->stall)->count(),
        ]);
    }

    public function test_a_sheet_is_a_pdf_of_the_size_and_its_bleed(): void
    {
        [$placed, $listing] = $this->goods('TP-POS', 1200);
        $order = $this->buy($listing, 'TP-POS-NAT-A2~'.$placed->id);
        $this->send($order);
        self::assertSame('received', Books::db()->table('orders')->value('state'));
        $file = PrintFile::of($this->stall)->sole();
        self::assertSame(['pdf', 4260, 5999], [$file->format, $file->width, $file->height]);
        $pdf = (string) Storage::get($file->path);
        self::assertSame(1, preg_match('~/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)~', $pdf, $m));
        self::assertEqualsWithDelta(426.0, (float) ($m[1] ?? 0) / 72 * 25.4, 0.05);
        self::assertEqualsWithDelta(599.9, (float) ($m[2] ?? 0) / 72 * 25.4, 0.05);
    }

    public function test_a_ground_covers_the_whole_area_in_the_file_and_pictures_are_made_anew_for_it(): void
    {
        [$placed, $listing] = $this->goods('TP-TOT');
        $names = static fn (): int => \WindowStall\Bench\Pictures\Picture::query()->where('listing_id', $listing->id)->distinct()->count('source');
        $before = $names();
        $laid = [['ground' => '#f2ead8'] + $placed->laid['laid'][0]] + $placed->laid['laid'];
        $this->putJson(route('print.placing.say', [$this->stall, $placed]), ['revision' => $placed->revision, 'laid' => $laid])
            ->assertOk()
            ->assertJsonPath('laid.0.ground', '#f2ead8')
            ->assertJsonPath('stands', false);
        $this->post(route('print.placing.make', [$this->stall, $placed->refresh()]))->assertSessionHasNoErrors();
        self::assertSame(2 * $before, $names());
        $this->send($this->buy($listing, 'TP-TOT-OAT~'.$placed->id));
        $picture = imagecreatefromstring((string) Storage::get(PrintFile::of($this->stall)->sole()->path)) ?: self::fail();
        foreach ([[1, 1], [imagesx($picture) - 2, imagesy($picture) - 2]] as [$x, $y]) {
            self::assertSame(0xF2EAD8, imagecolorat($picture, $x, $y), 'opaque to the very corner');
        }
    }

    public function test_sent_twice_it_is_one_order_and_a_file_that_doesnt_fit_is_refused_there(): void
    {
        [$placed, $listing] = $this->goods('TP-TOT');
        $order = $this->buy($listing, 'TP-TOT-OAT~'.$placed->id, 12);
        $row = $order->supplierOrders()->sole();
        $this->send($order);
        // Whoever sent it was killed before it wrote that down.
        DB::table('supplier_orders')->where('id', $row->id)->update(['state' => 'to_send', 'external_id' => null, 'sending_until' => null]);
        $this->send($order->refresh());
        self::assertSame(1, Books::db()->table('orders')->count());
        // Twelve at 4.80, and printing at 3.90 less 3%.
        self::assertSame(12 * (480 + 378), (int) Books::db()->table('orders')->value('goods'));

        $wrong = Http::withToken('tannet-second-key')->withHeaders(['Idempotency-Key' => 'w'])->post(config('stall.tannet.address').'/api/orders', [
            'reference' => 'x', 'address' => ['name' => 'a', 'street' => 'b', 'town' => 'c', 'postcode' => 'd', 'country' => 'GB'],
            'lines' => [['sku' => 'TP-TOT-OAT', 'quantity' => 1, 'prints' => [[
                'area' => 'front', 'method' => 'direct', 'file' => PrintFile::of($this->stall)->sole()->sha256,
                'width_mm' => 200, 'height_mm' => 320, 'dpi' => 300,
            ]]]],
        ]);
        self::assertSame([409, 'The file for “front” is 3307 pixels in width, not 2362.'], [$wrong->status(), $wrong->json('error')]);
    }

    public function test_an_artwork_that_is_gone_is_said_and_nothing_is_sent(): void
    {
        [$placed, $listing] = $this->goods('TP-TOT');
        DB::table('artworks')->update(['state' => 'refused']);
        $order = $this->buy($listing, 'TP-TOT-OAT~'.$placed->id);
        $this->send($order);
        self::assertStringContainsString('can’t be read any more', (string) $order->supplierOrders()->sole()->refusal);
        self::assertSame(0, Books::db()->table('orders')->count());
    }

    public function test_news_of_the_print_house_is_believed_only_when_it_is_signed(): void
    {
        $connector = new TannetConnector();
        $body = (string) json_encode(['event' => 'e1', 'kind' => 'blank', 'blank' => 'TP-TEE']);
        $signed = static fn (string $time): \Illuminate\Http\Request => tap(
            \Illuminate\Http\Request::create('/', 'POST', content: $body),
            static fn ($r) => $r->headers->set('Tannet-Signature', "t=$time, v=".hash_hmac('sha256', $time.'.'.$body, 'secret')),
        );
        self::assertSame('TP-TEE', $connector->news($signed((string) time()), 'secret')?->item);
        self::assertNull($connector->news($signed((string) (time() - 900)), 'secret'));
        self::assertNull($connector->news($signed((string) time()), 'another'));
        self::assertNull($connector->news(\Illuminate\Http\Request::create('/', 'POST', content: $body), 'secret'));
    }

    /** @return array{Placed, Listing} goods in the window */
    private function goods(string $blank, int $width = 900): array
    {
        $placed = $this->lay($this->artwork(self::leaf(1200, 1800)), $blank);
        $laid = $placed->laid;
        $laid['laid'][0]['pieces'][0]['width'] = $blank === 'TP-POS' ? 800 : $width;
        app(LayOut::class)->say($placed, Placing::read($laid, $placed->blank()));
        $listing = app(MakeGoods::class)($this->stall, $placed->load('blankItem.connection'), null);
        $this->world->meant($this->stall, $listing);
        $made = ['state' => 'ready', 'path' => 'x/1/0123456789abcdef', 'width' => 1200, 'height' => 1200];
        DB::table('pictures')->where('listing_id', $listing->id)->update($made);
        app(PutInWindow::class)($this->stall, Listing::of($this->stall)->whereKey($listing->id)->get());

        return [$placed->refresh(), $listing->refresh()];
    }

    private function buy(Listing $listing, string $variant, int $pieces = 1): Order
    {
        $one = ListingVariant::query()->where('listing_id', $listing->id)->where('external_id', $variant)->firstOrFail();

        return (new Shopper($this, $this->stall))->buy($one, $pieces);
    }

    private function send(Order $order): void
    {
        foreach ($order->supplierOrders()->where('state', 'to_send')->get() as $row) {
            (new SendSupplierOrder($row->id))->handle(app(ApplyAnswer::class), app(PrintOrders::class));
        }
    }

    /** @return array{left: int, width: int} of what is drawn, in pixels, along the middle */
    private static function drawn(\GdImage $picture): array
    {
        $first = $last = null;
        for ($y = 0; $y < imagesy($picture); $y += 7) {
            for ($x = 0; $x < imagesx($picture); $x++) {
                if ((imagecolorat($picture, $x, $y) >> 24 & 127) < 64) {
                    $first = min($first ?? $x, $x);
                    $last = max($last ?? $x, $x);
                }
            }
        }

        return ['left' => (int) $first, 'width' => (int) $last - (int) $first + 1];
    }
}
