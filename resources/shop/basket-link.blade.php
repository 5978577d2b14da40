@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
@endpush
@section('main')
<div class="narrow">
@if ($own)<h1>{{ $say('till.link.heading') }}</h1>
<p>{{ $say('till.link.words', days: $days) }}</p>
<p><label class="sr" for="taken">{{ $say('till.link.address') }}</label><input id="taken" type="text" readonly
    value="{{ $address }}"></p>
@else<h1>{{ $say('till.link.of', count: $basket->count()) }}</h1>@endif
<ul class="lines slim">
@foreach ($basket->entries as $entry)
<li class="line"><span>{{ $entry->quantity }} × <a href="{{ $entry->url }}">{{ $entry->name() }}</a></span><span
    class="amount">{{ $entry->available === 0 ? $say('till.link.sold_out') : WindowStall\Support\Views\MoneyView::text($entry->total())
    }}</span></li>
@endforeach</ul>
@if ($own)<p><a class="button wide" href="/basket">{{ $say('till.basket.back') }}</a></p>
@elseif ($basket->entries === [])<p>{{ $say('till.link.nothing') }}</p>
<p><a class="button" href="/">{{ $say('shop.look_around') }}</a></p>
@else<form method="post" action="{{ $link }}"><button type="submit" class="button wide">{{ $say('till.link.take') }}</button></form>
@endif
</div>
@endsection
