@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
@endpush
@section('main')
<div class="narrow">
<h1>{{ $say('till.mine.heading') }}</h1>
@if ($orders !== null)
<ul class="lines slim">
@foreach ($orders as $order)
<li class="line"><span><a href="/orders/{{ $order->token }}">{{ $say('till.order.number', number: (string) $order->number) }}</a>
<span class="quiet">{{ WindowStall\Support\Speech\Spoken::date($order->paid_at) }} · {{ $order->lines->map(fn ($l) => $l->nameIn($stall))->implode(', ')
    }}</span></span><span class="amount">{{ WindowStall\Support\Views\MoneyView::text($order->money($order->total_minor)) }}</span></li>
@endforeach
</ul>
@else
@if ($over)<p class="trouble" role="alert">{{ $say('till.mine.over') }}</p>@endif
@if ($sent)<p role="status">{{ $say('till.mine.sent') }}</p>
@else
<p>{{ $say('till.mine.words') }}</p>
<form method="post" action="/orders" class="address">
<div class="field"><label for="email">{{ $say('shop.sign_up.email') }}</label><input id="email" name="email" type="email"
    autocomplete="email" required></div>
<p><button type="submit" class="button">{{ $say('till.mine.send') }}</button></p>
</form>
@endif
@endif
</div>
@endsection
