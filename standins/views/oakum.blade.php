@extends('standins::layout', ['title' => 'Oakum Depot',
    'about' => 'wholesale · day '.$day.' · you are the supplier here'])
@section('main')
@if ($say !== '')<p class="say" role="status">{{ $say }}</p>@endif
<section id="orders">
<div class="row">
<h2 style="margin:0">Orders</h2>
<span style="flex:1"></span>
<form method="post" action="{{ route('oakum.play.day') }}">
<button type="submit" class="do" id="day">Let a day pass</button></form>
<form method="post" action="{{ route('oakum.play.calendar') }}">
<button type="submit" id="calendar">Let the next day of the month pass</button></form>
<form method="post" action="{{ route('oakum.play.night') }}">
<button type="submit" id="night">Let a night pass in which much changes</button></form>
</div>
@if ($orders->isEmpty())
<p class="q">None yet. They come when a shopper has paid in a stall that sells Oakum’s goods.</p>
@else
<table><thead><tr><th scope="col">No.<th scope="col">Reference<th scope="col">Goods
<th scope="col" class="n">Charged<th scope="col">State<td></td></tr></thead><tbody>
@foreach ($orders as $order)
<tr>
<td>{{ $order->id }}
<td>{{ $order->reference }}
<td>@foreach (json_decode($order->lines) as $line){{ $line->quantity }} × {{ $line->item }} {{ $line->title }}@if (!$loop->last), @endif @endforeach <span
    class="q">to {{ json_decode($order->address)->town }}</span>
<td class="n">${{ number_format(($order->goods + $order->delivery) / 100, 2) }}
<td>{{ $order->state }} <span class="q">{{ $order->tracking }}</span>
<td class="n">@if (in_array($order->state, ['received', 'accepted']))
<form method="post" action="{{ route('oakum.play.order', $order->id) }}">
@if ($order->state === 'received')<button type="submit" name="do" value="accept">Accept</button> @endif
<button type="submit" class="do" name="do" value="post">Post it</button>
<button type="submit" name="do" value="part">Post a part</button>
<button type="submit" name="do" value="refuse">Refuse</button></form>
@endif</tr>
@endforeach</tbody></table>@endif
</section>
<section>
<div class="row">
<h2 style="margin:0">Goods</h2>
<span style="flex:1"></span>
<form method="get">
<input type="search" name="item" value="{{ $search }}" aria-label="Find goods" placeholder="title or code">
    <button type="submit">Find</button></form>
</div>
@foreach ($items as $item)
<div id="{{ $item->id }}" style="margin-top:14px"><b>{{ $item->id }}</b> <a
    href="{{ route('oakum.goods', $item->id) }}">{{ $item->title }}</a>
<table><thead><tr><th scope="col">Variant<th scope="col" class="n">Cost<th scope="col" class="n">Stock<td></td></tr></thead><tbody>
@foreach ($variants->get($item->id, collect())->take(14) as $variant)
<tr @if ($variant->dropped) style="text-decoration:line-through" @endif>
<td>{{ implode(' · ', json_decode($variant->options, true)) }} @if ($variant->dropped)(dropped)@endif
<td class="n">{{ number_format($variant->cost / 100, 2) }}
<td class="n">@foreach (json_decode($variant->stock, true) as $place => $pieces){{ $place }}
    {{ $pieces }}@if (!$loop->last) · @endif @endforeach
<td class="n">
<form method="post" action="{{ route('oakum.play.variant', $variant->id) }}">
<input type="hidden" name="item" value="{{ $search }}">
<input type="text" name="cost" size="6" value="{{ number_format($variant->cost / 100, 2, '.', '') }}"
    aria-label="New cost of {{ $variant->sku }}"> <button type="submit" name="do" value="cost">Set cost</button>
<button type="submit" name="do" value="sell-out">Sell out</button> <button type="submit" name="do" value="refill">Refill</button> <button type="submit"
    name="do" value="drop">Drop colour</button></form>
</tr>
@endforeach</tbody></table></div>
@endforeach
</section>
<section id="requests"><h2 style="margin-top:0">What stalls ask for</h2>
@if ($requests->isEmpty())
<p class="q">Nothing yet. Goods you don’t have, changes to what you have, samples and pieces bought ahead are asked for here.</p>
@endif
@foreach ($requests as $one)
<div style="margin-top:14px" id="request-{{ $one['id'] }}"><b>{{ $one['id'] }}</b> {{ $one['kind'] }}
    {{ $one['about']['item'] ?? '' }} {{ $one['about']['variant'] ?? '' }}
    @isset ($one['about']['pieces']){{ $one['about']['pieces'] }} pieces @endisset
    @isset ($one['about']['wished']) for ${{ number_format($one['about']['wished'] / 100, 2) }} each @endisset
    @isset ($one['about']['link'])<a href="{{ $one['about']['link'] }}">their link</a> @endisset
    @isset ($one['about']['picture'])<a href="{{ $one['about']['picture'] }}">their picture</a> @endisset
    <span class="q">{{ $one['state'] }}</span>
@foreach ($one['messages'] as $said)
<p style="margin:2px 0">{{ $said['from'] === 'supplier' ? 'You' : 'They' }}: {{ $said['words'] }}</p>
@endforeach
@foreach ($one['offers'] as $offer)
<p class="q" style="margin:2px 0">Offer: ${{ number_format($offer['cost'] / 100, 2) }} from {{ $offer['pieces'] }} pieces,
    ${{ number_format($offer['once'] / 100, 2) }} once, {{ $offer['words'] }} ({{ $offer['state'] }})</p>
@endforeach
@if (in_array($one['state'], ['asked', 'offered']))
<form method="post" action="{{ route('oakum.play.request', $one['id']) }}">
<input type="text" name="words" size="40" aria-label="Words" placeholder="words">
<input type="text" name="cost" size="6" aria-label="{{ $one['kind'] === 'change' ? 'More for each' : 'Each' }}"
    placeholder="{{ $one['kind'] === 'change' ? 'more' : 'each' }}">
<input type="text" name="pieces" size="4" value="{{ $one['about']['pieces'] ?? 1 }}" aria-label="Pieces">
<input type="text" name="once" size="6" aria-label="Once" placeholder="once">
<input type="text" name="days" size="3" value="5" aria-label="Days">
@if ($one['kind'] === 'goods')
<input type="text" name="title" size="24" aria-label="Called" placeholder="called">
<input type="text" name="like" size="9" aria-label="Like" placeholder="like OD-1001">
@endif
<button type="submit" class="do" name="do" value="offer">Offer</button>
<button type="submit" name="do" value="say">Say</button>
<button type="submit" name="do" value="no">Say no</button></form>
@endif
</div>
@endforeach
</section>
<section id="accounts"><h2 style="margin-top:0">Accounts</h2>
@foreach ($accounts as $one)
<form method="post" action="{{ route('oakum.play.balance') }}" class="row">
<input type="hidden" name="key" value="{{ $one->key }}"><span>{{ $one->name }}</span>
<input type="text" name="balance" size="9" aria-label="Balance of {{ $one->name }}"
    value="{{ $one->balance === null ? '' : number_format($one->balance / 100, 2, '.', '') }}" placeholder="by bill">
<button type="submit">Set what it has paid in</button></form>
@endforeach
</section>
<section id="news"><h2 style="margin-top:0">News sent to stalls</h2>
<p class="q">To {{ $account?->hook_address ?? 'nowhere yet: no stall has connected' }}</p>
<form method="post" action="{{ route('oakum.play.setting') }}" class="row">
<button type="submit" name="hold_news" value="{{ $holdNews ? 0 : 1 }}">{{ $holdNews ? 'Send news again' : 'Lose all news from now on' }}</button>
<button type="submit"
    name="slow" value="{{ $slow ? 0 : 1 }}">{{ $slow ? 'Answer quickly again'
        : 'Answer slowly from now on' }}</button></form>
<table>
@foreach ($events as $event)
<tr>
<td>{{ $event->kind }}
<td>{{ $event->order_id === 0 ? 'item '.(json_decode($event->body, true)['item'] ?? '') : 'order '.$event->order_id }}
<td>{{ $event->delivered_at ? 'delivered' : 'not delivered' }} <span class="q">{{ $event->answer }}</span>
<td class="n">
<form method="post" action="{{ route('oakum.play.resend', $event->id) }}">
<button type="submit">Send again</button></form>
</tr>
@endforeach</table>
</section>
@endsection
