<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The page where a person plays Oakum Depot: its costs and stock, its orders, and the passing of days. */
final class PlayController
{
    public function show(Request $request): View
    {
        $search = $request->string('item')->toString();
        $items = Books::table('items')
            ->when(
                $search !== '',
                fn ($q) => $q->where(
                    fn ($w) => $w->where('title', 'ilike', '%'.$search.'%')->orWhere('id', 'ilike', $search.'%'),
                ),
            )
            ->orderBy('id')
            ->limit($search === '' ? 6 : 20)
            ->get();

        return view('standins::oakum', [
            'search' => $search,
            'say' => $request->string('say')->toString(),
            'items' => $items,
            'variants' => Books::table('variants')
                ->whereIn('item_id', $items->pluck('id'))
                ->orderBy('position')
                ->get()
                ->groupBy('item_id'),
            'orders' => Books::table('orders')->orderByDesc('id')->limit(25)->get(),
            'events' => Books::table('events')->orderByDesc('created_at')->limit(12)->get(),
            'account' => Books::table('accounts')->orderBy('key')->first(),
            'accounts' => Books::table('accounts')->orderBy('key')->get(),
            'requests' => Books::table('requests')->orderByDesc('id')->limit(10)->get()
                ->map(static fn (\stdClass $one): array => Requests::said($one) + ['about' => json_decode($one->about, true)]),
            'holdNews' => Books::setting('hold_news', '0') === '1',
            'slow' => Books::setting('slow', '0') === '1',
            'day' => Books::setting('day', '1'),
        ]);
    }

    /** The page of one item, whose address can be pasted into a stall. */
    public function goods(string $item): RedirectResponse
    {
        return redirect()->route('oakum.play', ['item' => $item]);
    }

    public function variant(Request $request, string $id): RedirectResponse
    {
        $variant = Books::table('variants')->where('id', $id)->firstOrFail();
        $say = match ($request->string('do')->toString()) {
            'cost' => $this->cost($variant, $request->string('cost')->toString()),
            'sell-out' => $this->stock($variant, 0),
            'refill' => $this->stock($variant, 60),
            'drop' => $this->drop($variant),
            default => 'Nothing was asked for.',
        };

        News::item($variant->item_id);

        return $this->answer($say, $variant->item_id, $request->string('item')->toString());
    }

    public function order(Request $request, int $id): RedirectResponse
    {
        $order = Books::table('orders')->where('id', $id)->firstOrFail();
        match ($request->string('do')->toString()) {
            'accept' => News::accept($order),
            'post' => News::post($order),
            'part' => News::postPart($order),
            'refuse' => News::refuse($order, 'The goods were damaged in the warehouse.'),
            default => null,
        };

        return $this->answer(
            sprintf('Order %d is %s.', $id, Books::table('orders')->where('id', $id)->value('state')),
            'orders',
        );
    }

    public function resend(string $id): RedirectResponse
    {
        News::sendAgain($id);

        return $this->answer('Sent again.', 'news');
    }

    /** A day: everything received is accepted, everything accepted before today is posted, a little stock comes in. */
    public function day(): RedirectResponse
    {
        foreach (
            Books::table('orders')
                ->whereIn('state', ['received', 'accepted'])
                ->orderBy('id')
                ->get() as $order
        ) {
            $order->state === 'accepted' ? News::post($order) : News::accept($order);
        }
        foreach (Books::table('variants')->where('dropped', false)->orderBy('id')->get() as $variant) {
            $stock = json_decode($variant->stock, true);
            if (array_sum($stock) > 0 && crc32($variant->id.Books::setting('day', '1')) % 9 === 0) {
                $stock[array_key_first($stock)] += 10;
                Books::table('variants')
                    ->where('id', $variant->id)
                    ->update(['stock' => json_encode($stock)]);
            }
        }
        Books::set('day', (string) ((int) Books::setting('day', '1') + 1));

        return $this->answer('A day has passed.', 'orders');
    }

    /** The next day of the month that Oakum has in store, or the one that is named. */
    public function calendar(Request $request): RedirectResponse
    {
        $day = $request->integer('day', Calendar::next());

        return $this->answer(Calendar::pass(max(1, min(Calendar::DAYS, $day))), 'goods');
    }

    /** A night in which much changes. */
    public function night(): RedirectResponse
    {
        return $this->answer(Night::pass(), 'goods');
    }

    public function setting(Request $request): RedirectResponse
    {
        foreach (['hold_news', 'slow'] as $name) {
            if ($request->has($name)) {
                Books::set($name, $request->boolean($name) ? '1' : '0');
            }
        }

        return $this->answer('Noted.', 'news');
    }

    private function answer(string $say, string $place, string $item = ''): RedirectResponse
    {
        return redirect()->to(route('oakum.play', array_filter(['say' => $say, 'item' => $item])).'#'.$place);
    }

    private function cost(\stdClass $variant, string $typed): string
    {
        if (preg_match('/^\d{1,6}(\.\d{1,2})?$/D', $typed) !== 1) {
            return 'Write a cost such as 5.40.';
        }
        $cents = (int) round((float) $typed * 100);
        Books::table('variants')
            ->where('item_id', $variant->item_id)
            ->where('cost', $variant->cost)
            ->update(['cost' => $cents]);

        return sprintf('Every variant of %s at %.2f now costs %s.', $variant->item_id, $variant->cost / 100, $typed);
    }

    private function stock(\stdClass $variant, int $pieces): string
    {
        $stock = array_map(static fn (int $n): int => $pieces, json_decode($variant->stock, true));
        Books::table('variants')
            ->where('id', $variant->id)
            ->update(['stock' => json_encode($stock)]);

        return sprintf('%s has %d pieces left.', $variant->sku, array_sum($stock));
    }

    private function drop(\stdClass $variant): string
    {
        $options = json_decode($variant->options, true);
        $colour = reset($options);
        $dropped = 0;
        foreach (Books::table('variants')->where('item_id', $variant->item_id)->get() as $other) {
            $values = json_decode($other->options, true);
            if (reset($values) === $colour) {
                $dropped += Books::table('variants')
                    ->where('id', $other->id)
                    ->update(['dropped' => true]);
            }
        }

        return sprintf('%s is no longer offered in %s (%d variants).', $variant->item_id, $colour, $dropped);
    }
}
