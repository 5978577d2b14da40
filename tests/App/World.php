<?php

declare(strict_types=1);

namespace WindowStall\Tests\App;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\ListingWords;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\PutInWindow;
use WindowStall\Bench\TakeToBench;
use WindowStall\Core\Bench\Lack;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Source\Item;
use WindowStall\Drift\Deciding\Decide;
use WindowStall\Drift\DriftChange;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\Pulling\SaveItems;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\OpenStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\Core\Source\Items;

/** Makes what tests need, through the program's own actions where there are any. */
final class World
{
    /** Orders that it made. */
    private int $orders = 0;

    private ?User $keeper = null;

    public function keeper(): User
    {
        return $this->keeper ??= User::query()->create([
            'name' => 'Keeper',
            'email' => 'k'.bin2hex(random_bytes(4)).'@quillet.example',
            'password' => 'two-rows-of-leeks',
        ]);
    }

    public function stall(?User $keeper = null, string $currency = 'GBP', string $market = 'GB'): Stall
    {
        $stall = app(OpenStall::class)($keeper ?? $this->keeper(), [
            'name' => 'Quillet',
            'handle' => 't'.bin2hex(random_bytes(5)),
            'country' => 'GB',
            'home_market' => $market,
            'currency' => $currency,
            'vat_bp' => 2000,
            'flat_delivery_minor' => 295,
        ]);
        // Figures in tests are worked out by hand: without an allowance for returns there is a line less.
        $stall->update(['returns_bp' => 0, 'open' => true]);

        return $stall;
    }

    /** A connection with Oakum Depot as if it had been made before. */
    public function connection(Stall $stall): SupplierConnection
    {
        return SupplierConnection::of($stall)
            ->firstOrCreate(
                ['kind' => 'oakum', 'address' => config('stall.oakum.address')],
                [
                    'public_id' => (string) Str::uuid(),
                    'name' => 'Oakum Depot',
                    'secrets' => ['key' => 'oakum-quillet-key', 'hook' => str_repeat('s', 40)],
                ],
            );
    }

    /**
     * A market abroad, with what a parcel of 300 g there costs in US cents.
     *
     * @param  array<string, int|string|bool>  $terms  columns
     */
    public function market(Stall $stall, string $market, int $first, array $terms = []): void
    {
        DB::table('markets')->insert([
            'stall_id' => $stall->id,
            'market' => $market,
            'landed_at' => now(),
            'sold' => true,
            ...$terms,
        ]);
        DB::table('delivery_quotes')->insert([
            'connection_id' => $this->connection($stall)->id,
            'warehouse' => 'GB',
            'destination' => $market,
            'grams' => 300,
            'methods' => json_encode([['Economy', $first, 4, 8, 63]]),
            'quoted_at' => now(),
        ]);
        $stall->unsetRelations();
    }

    /** Pulls these items, as if the supplier had said them now. */
    public function pull(Stall $stall, Item ...$items): SupplierConnection
    {
        $connection = $this->connection($stall);
        Run::query()->create([
            'stall_id' => $stall->id,
            'connection_id' => $connection->id,
            'state' => RunState::Done,
            'counts' => [],
        ]);
        app(SaveItems::class)($connection, array_values($items));
        DB::table('delivery_quotes')->insertOrIgnore([
            'connection_id' => $connection->id,
            'warehouse' => 'GB',
            'destination' => $stall->home_market,
            'grams' => 300,
            'methods' => json_encode([['Economy', 237, 2, 4]]),
            'quoted_at' => now(),
        ]);
        app(LandItems::class)($stall, $connection);
        event(new \WindowStall\Source\Events\SupplierSaidMore($connection));

        return $connection;
    }

    /** Agrees to all that waits in the stall. @return int how many changes that was */
    public function agree(Stall $stall): int
    {
        $asks = DriftChange::query()->where('stall_id', $stall->id)->where('standing', 'asks')->whereHas('listing')
            ->pluck('id')->all();
        if ($asks !== []) {
            app(Decide::class)($stall, $this->keeper(), array_values(array_map(intval(...), $asks)), agree: true);
        }

        return count($asks);
    }

    /** A listing on the bench with one ready picture; by default one item with a steel and a copper variant. */
    public function listing(Stall $stall, ?Item $item = null): Listing
    {
        $item ??= Items::item([Items::variant('a'), Items::variant('b', 620, 3, 'CPR-02')]);
        $this->pull($stall, $item);
        $row = SupplierItem::query()->where('stall_id', $stall->id)->where('external_id', $item->id)->firstOrFail();
        app(TakeToBench::class)($stall, [$row->id]);
        $listing = Listing::of($stall)->where('supplier_item_id', $row->id)->firstOrFail();
        Picture::query()
            ->where('listing_id', $listing->id)
            ->update([
                'state' => Picture::READY,
                'path' => 'x/'.$listing->id.'/0123456789abcdef',
                'width' => 1200,
                'height' => 1200,
            ]);
        $this->meant($stall, $listing);

        return $listing->refresh();
    }

    /** What tests call goods isn't what a shop would: it stands as it is. */
    public function meant(Stall $stall, Listing $listing): void
    {
        $lacks = ListingWords::of($listing->refresh())->wording($stall)->lacks();
        DB::table('listings')->where('id', $listing->id)->update([
            'own_meant' => json_encode(array_merge(...array_map(static fn (Lack $l): array => $l->meant, $lacks))),
            'wording_lacks' => 0,
        ]);
    }

    /** The seller says something of a listing. */
    public function say(Listing $listing, ListingPatch $patch): Listing
    {
        $stall = Stall::query()->with(['rates', 'recipes', 'marketRows'])->findOrFail($listing->stall_id);
        app(PatchListings::class)->one($stall, null, $listing, $patch);

        return $listing->refresh();
    }

    public function inWindow(Stall $stall, ?Item $item = null): Listing
    {
        $listing = $this->listing($stall, $item);
        app(PutInWindow::class)($stall, Listing::of($stall)->whereKey($listing->id)->get());
        $listing->refresh();
        assert($listing->state === ListingState::InWindow);

        return $listing;
    }

    /** A connection by a file that a person sent, with its columns mapped. */
    public function feed(Stall $stall, string $bytes, Mapping $mapping, string $name = 'Kilnfold'): SupplierConnection
    {
        $path = 'feeds/'.$stall->id.'/'.Str::uuid();
        Storage::put($path, $bytes);

        return SupplierConnection::of($stall)->create([
            'public_id' => (string) Str::uuid(),
            'kind' => 'feed',
            'name' => $name,
            'address' => 'file:'.Str::lower($name),
            'secrets' => ['key' => '', 'hook' => ''],
            'settings' => [
                'file' => $path,
                'mapping' => $mapping->toArray(),
                'delivery' => "GB; 30 kg; 4.95; 2-4\nIE; 30 kg; 9.90; 4-6",
            ],
        ]);
    }

    /** An order of one line as the table has it, with none of its doing. @return int its id */
    public function order(Stall $stall, ListingVariant $variant, int $pieces, ?Carbon $paidAt, int $unit = 1): int
    {
        $order = DB::table('orders')->insertGetId([
            'stall_id' => $stall->id,
            'number' => 500_000 + ++$this->orders,
            'token' => Str::random(43),
            'basket_id' => (string) Str::uuid(),
            'basket_hash' => Str::random(64),
            'state' => $paidAt === null ? 'placed' : 'paid',
            'email' => 'x@example.com',
            'name' => 'X',
            'street' => 'X',
            'town' => 'X',
            'postcode' => 'X',
            'country' => 'GB',
            'currency' => $stall->currency,
            'home_currency' => $stall->currency,
            'goods_minor' => $unit * $pieces,
            'delivery_minor' => 0,
            'tax_minor' => 0,
            'total_minor' => $unit * $pieces,
            'tax_bp' => 0,
            'fee_bp' => 0,
            'fee_fixed_minor' => 0,
            'paid_at' => $paidAt,
            'created_at' => $paidAt ?? now(),
        ]);
        $this->line($stall, $order, $variant, $pieces, $unit);

        event(new ListingsChanged($stall, [(int) $variant->listing_id]));

        return $order;
    }

    /** A line more of an order, as the table has it. */
    public function line(Stall $stall, int $order, ListingVariant $variant, int $pieces = 1, int $unit = 1): void
    {
        DB::table('order_lines')->insert([
            'stall_id' => $stall->id,
            'order_id' => $order,
            'listing_variant_id' => $variant->id,
            'supplier_variant_id' => $variant->supplier_variant_id,
            'title' => 'X',
            'label' => '',
            'quantity' => $pieces,
            'unit_minor' => $unit,
        ]);
    }

    /** Puts the fixture's variants on Oakum's shelves with that much stock, so that it can be asked. */
    public function supplierSays(int $pieces): void
    {
        foreach (['a', 'b'] as $n => $id) {
            Books::table('variants')->updateOrInsert(
                ['id' => $id],
                [
                    'item_id' => 'T-TEST',
                    'position' => $n,
                    'sku' => 'SKU-'.$id,
                    'barcode' => '2000000000000',
                    'options' => '{}',
                    'cost' => 540,
                    'rrp' => 1,
                    'grams' => 300,
                    'stock' => json_encode(['GB' => $pieces]),
                    'picture' => 0,
                ],
            );
        }
    }
}
