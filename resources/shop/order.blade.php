@extends('shop::layout')
@php
    $state = $order->state->value;
    $text = fn (int $minor): string => WindowStall\Support\Views\MoneyView::text($order->money($minor));
@endphp
@push('head')
<meta name="robots" content="noindex">
@if ($again)<meta http-equiv="refresh" content="{{ $order->payment_trouble ? 4 : 1 }};url={{ $again }}">@endif
@endpush
@section('main')
<div class="narrow">
@if ($state === 'paid')
<p class="quiet">Order {{ $order->number }}</p><h1>Thank you, {{ $order->name }}</h1>
<p>It is paid. Keep this page’s address: it always shows where your parcel is.</p>
@elseif ($state === 'sold_out')
<h1>Sold out at the last moment</h1>
<p class="trouble" role="alert">{{ $order->payment_trouble }}</p>
<p><a class="button" href="/basket">Back to the basket</a></p>
@elseif ($state === 'refunding')
<h1>Money on its way back</h1>
<p role="status">{{ $text($order->total_minor) }} goes back the way it came. The goods couldn’t be sent; we are sorry.</p>
<p><a class="button" href="/">Back to the stall</a></p>
@elseif ($state === 'refunded')
<h1>Refunded</h1>
<p role="status">{{ $text($order->total_minor) }} went back the way it came. The goods couldn’t be sent; we are sorry.</p>
<p><a class="button" href="/">Back to the stall</a></p>
@elseif ($state === 'payment_lapsed')
<h1>Not paid</h1>
<p class="trouble" role="alert">This payment was let go. Nothing was charged.</p>
<p><a class="button" href="/basket">Back to the basket</a></p>
@elseif ($order->pending_since !== null)
<p class="quiet">Order {{ $order->number }}</p><h1>Your bank sends the money</h1>
<p role="status">What you bought is kept for you. It is packed once {{ $text($order->total_minor) }} are here; this page will say so.
    You needn’t pay again.</p>
@elseif ($again)
<h1>One moment</h1>
<p role="status">{{ $order->payment_trouble ?? 'Your payment is being looked at.' }} This page looks again by itself;
    you needn’t pay twice.</p>
@else
<h1>Not paid yet</h1>
@if ($order->payment_trouble)
<p class="trouble" role="alert">{{ $order->payment_trouble }}</p>
@endif
<p>Your basket is kept.</p><p><a class="button" href="/checkout">Pay now</a></p>
@endif
@if ($state === 'paid')
@foreach ($order->supplierOrders as $parcel)
<section class="parcel"><h2>{{ $order->supplierOrders->count() > 1 ? 'Parcel '.$loop->iteration : 'Your parcel' }}</h2>
<ol class="steps">
<li class="done">Ordered and paid</li>
<li @class(['done' => $parcel->accepted_at !== null])>Being packed</li>
<li @class(['done' => $parcel->posted_at !== null])>Posted @if ($parcel->tracking)<span
    class="quiet">{{ $parcel->carrier }}, <b>{{ $parcel->tracking }}</b></span>@endif</li>
</ol>
@if ($parcel->refusal === null && $order->promised($parcel) !== null)
<p class="promised">With you <b>{{ $order->promised($parcel) }}</b>.</p>
@endif
@if ($parcel->refusal)
<p class="trouble">Something is amiss with this parcel, and the shop sees it, too. @if ($writeTo !== null)You can write to
    <a href="mailto:{{ $writeTo }}">{{ $writeTo }}</a> about order {{ $order->number }}.@endif</p>
@endif
</section>
@endforeach
@endif
<ul class="lines slim">
@foreach ($order->lines as $line)
<li class="line"><span>{{ $line->quantity }} × {{ $line->name() }}</span><span
    class="amount">{{ WindowStall\Support\Views\MoneyView::text($line->total($order)) }}</span></li>
@endforeach</ul>
<dl class="totals">
<div>
<dt>Goods</dt>
<dd>{{ $text($order->goods_minor + $order->discount_minor) }}</dd>
</div>
@if ($order->discount_minor > 0)<div>
<dt>Taken off</dt>
<dd>{{ $text(-$order->discount_minor) }}</dd>
</div>@endif
<div>
<dt>Delivery</dt>
<dd>{{ $text($order->delivery_minor) }}</dd>
</div>
<div class="sum">
<dt>Total</dt>
<dd>{{ $text($order->total_minor) }}</dd>
</div>
@foreach ($order->taxes === [] ? [['rate' => $order->tax_bp * 100, 'tax' => $order->tax_minor]] : $order->taxes as $tax)
@if (! $order->reverse_charge)<div class="quiet">
<dt>{{ $order->tax_on_top ? 'with' : 'of which' }} VAT, {{ (new WindowStall\Core\Money\Rate($tax['rate']))->percent() }}</dt>
<dd>{{ $text($tax['tax']) }}</dd>
</div>
@endif
@endforeach
</dl>
@if ($order->reverse_charge)
<p class="quiet">Reverse charge: no VAT is charged. {{ $order->company }}, {{ $order->tax_number }}, accounts for it in {{
    WindowStall\Stall\Stall::countrySaid($order->country) }}.</p>
@endif
@if ($state === 'paid')
<p class="quiet">To {{ $order->name }}, {{ $order->street }}, {{ $order->town }} {{ $order->postcode }}</p>
@endif
@if ($order->policies !== [])<p class="quiet">Bought under @foreach ($order->policies as $kind => $number)<a
    href="/policies/{{ $kind }}?version={{ $number
    }}">{{ WindowStall\Core\Policies\PolicyKind::from($kind)->heading() }}</a>@if (! $loop->last), @endif @endforeach</p>@endif
</div>
@endsection
