@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
@endpush
@section('main')
<div class="narrow">
<p class="quiet">{{ $say('till.order.number', number: (string) $order->number) }}</p>
<h1>{{ $say('till.pay.heading', total: $order->money($order->total_minor)) }}</h1>
<iframe class="pay-frame" src="{{ $payAt.(str_contains($payAt, '?') ? '&' : '?').'framed=1' }}" title="{{ $say('till.pay.frame') }}"
    allow="payment"></iframe>
<p class="quiet">{{ $say('till.pay.whose') }} <a href="{{ $payAt }}">{{ $say('till.pay.own_page') }}</a></p>
</div>
@endsection
