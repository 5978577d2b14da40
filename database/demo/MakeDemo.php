<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use WindowStall\Bench\Jobs\FetchPictures;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\ProjectListings;
use WindowStall\Bench\PutInWindow;
use WindowStall\Bench\TakeToBench;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Feeds\MappedColumn;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\ChangePayment;
use WindowStall\Counter\Payment\MethodForm;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\PlaceOrder;
use WindowStall\Counter\TakePayment;
use WindowStall\Delivery\ChangePlaces;
use WindowStall\Offers\Code;
use WindowStall\Offers\CodeForm;
use WindowStall\Pricing\SetPrices;
use WindowStall\Runs\RunState;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\Synonym;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\SignUps;
use WindowStall\Source\ConnectSupplier;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\Landing\LookAtMarket;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Door;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\OpenStall;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\TurnSign;
use WindowStall\Stall\User;
use WindowStall\Stall\Words\ChangeLanguages;
use WindowStall\Stall\Words\PhraseRooms;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Languages\PhrasesInUse;
use WindowStall\Window\Languages\SayPhrases;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Policies\PublishPolicy;
use WindowStall\Window\Window;
use WindowStall\Window\Written\ChangePage;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\WrittenPage;

/**
 * Makes the demo world through the program's own actions, unless it is there: Quillet with goods and orders, and a
 * second stall.
 */
final class MakeDemo extends Command
{
    public const EMAIL = 'keeper@quillet.example';

    public const PASSWORD = 'two-rows-of-leeks';

    protected $signature = 'stall:demo';

    protected $description = 'Make the Quillet demo, and say how far it is';

    public function handle(): int
    {
        $user = User::query()->where('email', self::EMAIL)->first();
        $stall = Door::enter('quillet');
        if (
            $user === null ||
            $stall === null ||
            ! Listing::of($stall)->where('state', 'in_window')->exists()
        ) {
            $this->make($user, $stall);
        }

        return self::SUCCESS;
    }

    private function make(?User $user, ?Stall $stall): Stall
    {
        $user ??= User::query()->create([
            'name' => 'Quillet’s keeper',
            'email' => self::EMAIL,
            'password' => self::PASSWORD,
        ]);
        $open = app(OpenStall::class);
        if (! Door::isCalled('saltmarsh-ringers')) {
            $open($user, [
                'name' => 'Saltmarsh Ringers',
                'handle' => 'saltmarsh-ringers',
                'country' => 'NL',
                'home_market' => 'NL',
                'currency' => 'EUR',
                'vat_bp' => 2100,
                'flat_delivery_minor' => 495,
                'zone' => 'Europe/Amsterdam',
            ]);
        }
        $stall ??= $open($user, [
            'name' => 'Quillet',
            'handle' => 'quillet',
            'country' => 'GB',
            'home_market' => 'GB',
            'currency' => 'GBP',
            'vat_bp' => 2000,
            'flat_delivery_minor' => 295,
            'zone' => 'Europe/London',
        ]);
        $user->forceFill(['current_stall_id' => $stall->id])->save();

        return OneStall::within($stall->id, function () use ($stall, $user): Stall {
            $this->fill($stall, $user);

            return $stall->refresh();
        });
    }

    private function fill(Stall $stall, User $user): void
    {
        app(TurnSign::class)($stall, true);
        $this->step('what the print house, the pottery and Oakum Depot have', fn () => $this->suppliers($stall, $user));
        $this->step('goods on the bench, their words and pictures', fn () => $this->listings($stall, $user));
        $this->step('prices', fn () => $this->handPrices($stall, $user));
        $this->step('shelves, pages and the look of the shop', function () use ($stall, $user): void {
            $this->shelves($stall);
            // In the Netherlands it speaks Dutch, as far as that is said yet, and English.
            app(ChangeLanguages::class)($stall, 'NL', ['nl', 'en']);
            $this->papers($stall, $user);
            $this->window($stall, $user);
            $this->dutch($stall);
        });
        $past = $this->pastOrders($stall);
        $this->step('orders of half a year', fn () => $past->before());
        $this->step('a month of changes', fn () => $this->month($stall, $user));
        $this->step('the orders since', function () use ($stall, $past): void {
            $past->since();
            $this->orders($stall);
            $this->left($stall);
        });
        $this->step('what buyers say', fn () => (new Said($stall))->make());
        $this->step('what shoppers ask', fn () => (new Asked($stall))->make());
        $this->step('notes, and what is sold together', function () use ($stall, $user): void {
            (new Notes($stall, app(ChangePage::class)))->make($user);
            $this->set($stall);
        });
        $this->step('what suppliers were asked for and are owed', fn () => (new Dealings($stall))->make());
        $this->step('artwork, and what it lies on', fn () => (new Prints($stall))->make());
        $this->step('the night before today', fn () => $this->night($stall, $user));
    }

    /** @param  callable(): mixed  $do */
    private function step(string $name, callable $do): void
    {
        $this->output->write('    '.$name);
        $began = hrtime(true);
        $do();
        $this->line(sprintf(', %d s', round((hrtime(true) - $began) / 1e9)));
    }

    private function suppliers(Stall $stall, User $user): void
    {
        foreach (['IE', 'NL'] as $market) {
            app(LookAtMarket::class)->add($stall, $market, $user);
        }
        $this->pull(
            app(ConnectSupplier::class)($stall, 'oakum', (string) config('stall.oakum.address'), 'oakum-quillet-key'),
            $user,
        );
        $this->otherSuppliers($stall, $user);
        $this->pricing($stall, $user);
    }

    private function dutch(Stall $stall): void
    {
        $say = app(SayPhrases::class);
        foreach (Dutch::WORDS as $key => $words) {
            $room = app(PhraseRooms::class)->find($key) ?? throw new \LogicException('No such room: '.$key);
            $met = array_flip(PhrasesInUse::of($stall)->among($room, array_keys($words)));
            $said = array_map(
                static fn (string $phrase, string $dutch): array => ['phrase' => $phrase, 'said' => $dutch],
                array_keys($words),
                $words,
            );
            $say($stall, 'nl', $room, array_values(array_filter($said, static fn (array $one): bool => isset($met[$one['phrase']]))));
        }
    }

    /** The thirty days before today: what suppliers changed, and what was bought. */
    private function month(Stall $stall, User $user): void
    {
        $pull = fn (string $kind) => $this->pull(
            SupplierConnection::of($stall)->where('kind', $kind)->firstOrFail(),
            $user,
            null,
        );
        $turn = 0;
        $buy = function (array $goods) use ($stall, &$turn): void {
            $this->buy($stall, $goods, Goods::ORDERS[$turn++ % 2]['address'], 0);
        };
        (new Month($stall, $user, $pull, $buy))->pass();
        // What was bought in the month has been posted since.
        for (
            $n = 0;
            $n < 100 &&
            DB::table('supplier_orders')->where('stall_id', $stall->id)->where('state', 'to_send')->exists();
            $n++
        ) {
            usleep(200_000);
        }
        foreach ([1, 2] as $day) {
            Month::play(config('stall.oakum.address').'/play/day');
        }
    }

    /** The morning after: Oakum changed much, and Kilnfold's list broke off. */
    private function night(Stall $stall, User $user): void
    {
        Month::play(config('stall.oakum.address').'/play/night');
        Month::play(config('stall.kilnfold.address').'/play/cut');
        foreach (['oakum' => RunState::Done, 'feed' => RunState::SetAside] as $kind => $ends) {
            $this->pull(SupplierConnection::of($stall)->where('kind', $kind)->firstOrFail(), $user, $ends);
        }
        Month::play(config('stall.kilnfold.address').'/play/cut');
    }

    private function pull(SupplierConnection $connection, User $user, ?RunState $ends = RunState::Done): void
    {
        $run = app(StartPull::class)($connection, $user);
        app()->call([new PullCatalogue($run->id), 'handle']);
        // The worker may have been quicker.
        for ($n = 0; $n < 600 && $run->refresh()->state->open(); $n++) {
            usleep(200_000);
        }
        $expected = $ends === null ? [RunState::Done, RunState::SetAside] : [$ends];
        if (! in_array($run->state, $expected, true)) {
            throw new \RuntimeException('The demo’s pull failed: '.$run->trouble);
        }
    }

    /** The print house by its interface, the pottery by its table. */
    private function otherSuppliers(Stall $stall, User $user): void
    {
        $this->pull(
            app(ConnectSupplier::class)(
                $stall,
                'tannet',
                (string) config('stall.tannet.address'),
                'tannet-quillet-key',
            ),
            $user,
        );
        $kilnfold = app(ConnectSupplier::class)(
            $stall,
            'feed',
            config('stall.kilnfold.address').'/trade/goods.csv',
            '',
            'Kilnfold',
        );
        $columns = [];
        foreach (Goods::KILNFOLD as $column => $field) {
            $columns[] = new MappedColumn($column, $field);
        }
        $mapping = new Mapping($columns, DecimalSign::Comma, true, 'GBP', 'GB', processing: [2, 4]);
        $kilnfold->update([
            'orders_to' => 'orders@kilnfold.example',
            'orders_at' => '15:00',
            'settings' => [
                'mapping' => $mapping->toArray(),
                'delivery' => Http::timeout(10)
                    ->get(config('stall.kilnfold.address').'/trade/delivery.txt')
                    ->throw()
                    ->body(),
            ],
        ]);
        $this->pull($kilnfold, $user);
    }

    /** Recipes and what the other markets bear, before anything is priced. */
    private function pricing(Stall $stall, User $user): void
    {
        $stall->recipes()->delete();
        foreach (Prices::RECIPES as $recipe) {
            $stall->recipes()->create($recipe);
        }
        foreach (Prices::MARKETS as $market => $terms) {
            DB::table('markets')->where('stall_id', $stall->id)->where('market', $market)->update($terms);
        }
        $stall->unsetRelations();
        $this->delivery($stall, $user);
    }

    private function delivery(Stall $stall, User $user): void
    {
        $places = app(ChangePlaces::class);
        $places->say($stall, $user, $stall->places()->firstOrFail(), Delivery::HOME);
        $places->make($stall, $user, Delivery::ISLANDS);
        $places->make($stall, $user, Delivery::ABROAD);
        app(ChangePayment::class)->method($stall, PayMethod::Transfer, MethodForm::read($stall, Delivery::TRANSFER));
        foreach (Codes::ALL as $code) {
            Code::of($stall)->create(CodeForm::read($stall, $code, null));
        }
        foreach (Delivery::PACKING as $kind => $packing) {
            SupplierConnection::of($stall)->where('kind', $kind)->firstOrFail()->update($packing);
        }
    }

    /** Once all else is bought, so that what was bought before stands as it was paid. */
    private function set(Stall $stall): void
    {
        $set = Codes::SET;
        $goods = Listing::of($stall)->whereIn('slug', $set['goods'])->orderBy('id')->pluck('id')->all();
        Code::of($stall)->create(CodeForm::read($stall, ['off' => ['by' => 'set', 'goods' => $goods, 'price' => $set['price']]], null));
    }

    private function handPrices(Stall $stall, User $user): void
    {
        $tee = SupplierItem::of($stall)->where('external_id', 'TP-TEE')->firstOrFail();
        $listing =
            app(TakeToBench::class)($stall, [$tee->id])->new[0] ??
            throw new \RuntimeException('The tee is on the bench already.');
        $listing->update(['own_recipe' => Prices::TEE]);
        app(ProjectListings::class)($stall, [$listing->id]);
        $variants = static fn (string $code): array => array_values(
            ListingVariant::query()
                ->whereHas(
                    'listing',
                    fn ($q) => $q->where('stall_id', $stall->id)->whereRelation('supplierItem', 'external_id', $code),
                )
                ->pluck('id')
                ->map(intval(...))
                ->all(),
        );
        foreach (Prices::BY_HAND as $code => $minor) {
            app(SetPrices::class)->to($stall, $user, $variants($code), $stall->money($minor));
        }
        foreach (Prices::WAS as $code => $more) {
            $price = (int) Listing::of($stall)
                ->whereRelation('supplierItem', 'external_id', $code)
                ->value('shown_from_minor');
            app(SetPrices::class)->was($stall, $user, $variants($code), $stall->money($price + $more));
        }
        foreach (Prices::LADDER as $code => $rungs) {
            Listing::of($stall)
                ->whereRelation('supplierItem', 'external_id', $code)
                ->firstOrFail()
                ->update(['own_ladder' => $rungs]);
        }
        StalePages::frame($stall);
    }

    private function listings(Stall $stall, User $by): void
    {
        $goods = Goods::all();
        $take = app(TakeToBench::class);
        $ids = SupplierItem::of($stall)
            ->whereIn('external_id', array_merge(array_keys($goods), Goods::ON_THE_BENCH))
            ->pluck('id', 'external_id');
        $say = app(PatchListings::class);
        $take($stall, array_values($ids->all()));
        foreach ($goods as $code => $own) {
            $listing = Listing::of($stall)->where('supplier_item_id', $ids[$code])->firstOrFail();
            $patch = ListingPatch::none()
                ->title($own['title'])
                ->words($own['words'])
                ->names($own['names'])
                ->cell('type', (string) $listing->supplierItem?->category)
                ->cell('tags', implode(', ', Goods::TAGS[$code] ?? []));
            if (isset($own['only'])) {
                $off = $listing
                    ->variants()
                    ->with('supplierVariant')
                    ->get()
                    ->filter(fn ($v): bool => ! str_contains((string) $v->supplierVariant?->label, $own['only']))
                    ->pluck('id')
                    ->all();
                $patch = $patch->switched(array_values(array_map(intval(...), $off)), false);
            }
            $say->one($stall, $by, $listing, $patch);
        }
        // The worker begins at the other end; between the two it takes half the time.
        foreach (Listing::of($stall)->orderByDesc('id')->get() as $listing) {
            app()->call([new FetchPictures($listing->id), 'handle']);
        }
        for ($n = 0; $n < 600 && Picture::of($stall)->where('state', Picture::WAITING)->exists(); $n++) {
            usleep(200_000);
        }
        foreach (array_reverse(array_keys($goods)) as $code) {
            $put = app(PutInWindow::class)($stall, Listing::of($stall)->where('supplier_item_id', $ids[$code])->get());
            foreach ($put->left as $left) {
                throw new \RuntimeException('The demo’s '.$code.' can’t be shown: '.$left['lacks'][0]->words);
            }
            // So that "newest" has an order of its own.
            Listing::of($stall)
                ->where('supplier_item_id', $ids[$code])
                ->update([
                    'shown_since' => now()
                        ->subMinutes(count($goods))
                        ->addMinutes(array_search($code, array_reverse(array_keys($goods)), true) ?: 0),
                ]);
        }
    }

    /** Who runs it, its policies and pages; one policy and one page wait for their seller. */
    private function papers(Stall $stall, User $user): void
    {
        Particulars::of($stall)->fill(Goods::PARTICULARS)->save();
        $change = app(ChangePage::class);
        foreach ([PageKind::About, PageKind::Contact] as $kind) {
            $page = $change->make($stall, $kind, $kind->heading());
            $change->show($stall, $change->draft($stall, $page));
        }
        $change->make($stall, PageKind::Questions, PageKind::Questions->heading());
        foreach (PolicyKind::cases() as $kind) {
            if ($kind !== PolicyKind::Returns) {
                app(PublishPolicy::class)($stall, $kind, $user);
            }
        }
    }

    private function shelves(Stall $stall): void
    {
        $change = app(ChangeShelf::class);
        foreach (Goods::SHELVES as $name => $shelf) {
            $made = $change->make($stall, $name, $shelf['rule']);
            $change->say($stall, $made, ['words' => $shelf['words']]);
        }
        Synonym::of($stall)->create(['word' => 'secateurs', 'means' => 'snips']);
    }

    private function window(Stall $stall, User $user): void
    {
        $shelf = static fn (string $name): int => (int) Shelf::of($stall)->where('name', $name)->value('id');
        $listing = fn (string $code): int => (int) Listing::of($stall)
            ->whereRelation('supplierItem', 'external_id', $code)
            ->value('id');
        $dress = app(DressWindow::class);
        $page = static fn (string $kind): int => (int) WrittenPage::of($stall)->where('kind', $kind)->value('id');
        $content = Content::from(Goods::window($listing, $shelf, $page));
        $dress->save($stall, $content, (int) Window::query()->whereKey($stall->id)->value('version'));
        $dress->publish($stall, $user);
    }

    private function pastOrders(Stall $stall): PastOrders
    {
        $buy = fn (array $goods, array $address, string $country): Order => Speech::in(
            $country === 'NL' ? 'nl' : 'en',
            fn (): Order => $this->buy($stall, $goods, $address, 0, $country),
        );

        return new PastOrders($stall, $buy);
    }

    private function orders(Stall $stall): void
    {
        foreach (Goods::ORDERS as $n => $wanted) {
            $this->buy($stall, $wanted['goods'], $wanted['address'], $n % 2);
        }
    }

    /** Two who went no further than the payment; one of them may be written to, and will be. */
    private function left(Stall $stall): void
    {
        $stall->update(['reminder_words' => 'You left something on the stall. It is still here.']);
        foreach (Goods::LEFT as $hours => $wanted) {
            $order = $this->place($stall, $wanted['goods'], $wanted['address'], 0);
            DB::table('orders')->where('id', $order->id)->update([
                'state' => OrderState::PaymentLapsed,
                'created_at' => now()->subHours($hours),
            ]);
        }
        SignUps::agree($stall, Goods::LEFT[15]['address']['email'], Speech::say('till.checkout.consent'), 'checkout');
    }

    /**
     * @param  array<string, int>  $goods  the supplier's code → pieces
     * @param  array<string, string>  $address
     * @param  int  $which  of the variants that can be bought
     */
    private function buy(Stall $stall, array $goods, array $address, int $which, string $country = 'GB'): Order
    {
        $order = $this->place($stall, $goods, $address, $which, $country);
        Http::asForm()
            ->withOptions(['allow_redirects' => false])
            ->timeout(10)
            ->post(app(PaymentService::class)->open($order, $stall), ['card' => 'approves']);

        return app(TakePayment::class)(Order::query()->findOrFail($order->id));
    }

    /**
     * @param  array<string, int>  $goods  the supplier's code → pieces
     * @param  array<string, string>  $address
     * @param  int  $which  of the variants that can be bought
     */
    private function place(Stall $stall, array $goods, array $address, int $which, string $country = 'GB'): Order
    {
        $basket = Basket::query()->create(['id' => (string) Str::uuid(), 'stall_id' => $stall->id]);
        foreach ($goods as $code => $quantity) {
            $listing = Listing::of($stall)
                ->with(Listing::FOR_FIGURES)
                ->whereRelation('supplierItem', 'external_id', $code)
                ->firstOrFail();
            $variants = array_values(
                array_filter(ListingFigures::of($stall, $listing)->variants, fn ($v): bool => $v->buyable()),
            );
            $variant =
                $variants[$which] ??
                ($variants[0] ?? throw new \RuntimeException('The demo’s '.$code.' can’t be bought.'));
            $basket->lines()->create(['listing_variant_id' => $variant->row->id, 'quantity' => $quantity]);
        }

        $to = new Destination($country, null, $address['postcode']);

        return app(PlaceOrder::class)($stall, $basket, BasketContents::of($stall, $basket, $to), $address);
    }
}
