@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
@endpush
@section('main')
<div class="narrow">
@if ($own)<h1>Your basket, to take along</h1>
<p>This address brings these goods into a basket, here or on another device, for 60 days. Keep it, or send it to yourself.</p>
<p><label class="sr" for="taken">Address of this basket</label><input id="taken" type="text" readonly
    value="{{ $address }}"></p>
@else<h1>A basket, with {{ WindowStall\Core\Words\Plural::of($basket->count(), 'thing') }} in it</h1>@endif
<ul class="lines slim">
@foreach ($basket->entries as $entry)
<li class="line"><span>{{ $entry->quantity }} × <a href="{{ $entry->url }}">{{ $entry->name() }}</a></span><span
    class="amount">{{ $entry->available === 0 ? 'sold out' : WindowStall\Support\Views\MoneyView::text($entry->total())
    }}</span></li>
@endforeach</ul>
@if ($own)<p><a class="button wide" href="/basket">Back to the basket</a></p>
@elseif ($basket->entries === [])<p>Nothing of it is on the stall any more.</p>
<p><a class="button" href="/">Look around the stall</a></p>
@else<form method="post" action="{{ $link }}"><button type="submit" class="button wide">Put them in my basket</button></form>
@endif
</div>
@endsection
