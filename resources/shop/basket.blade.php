@extends('shop::layout')
@section('main')
<div class="narrow" data-basket>
<h1>Basket</h1>
@if ($trouble)<p class="trouble" role="alert">{{ $trouble }}</p>@endif
@if ($basket->entries === [])<p>It is empty.</p><p><a class="button" href="/">Look around the stall</a></p>
@else
@foreach ($basket->troubles as $t)<p class="trouble" role="alert">{{ $t }}</p>@endforeach
@foreach ($basket->moved as $m)<p class="moved">{{ $m }}</p>@endforeach
<ul class="lines">
@foreach ($basket->entries as $entry)
<li class="line"><a class="line-picture" href="{{ $entry->url }}" tabindex="-1"
    aria-hidden="true">@if ($entry->picture)@include('shop::picture', ['picture' => $entry->picture, 'alt' => '',
    'sizes' => '88px', 'eager' => false])@endif</a>
<div class="line-words">
<a href="{{ $entry->url }}">{{ $entry->title }}</a><span class="quiet">{{ $entry->chosen }}</span>
<form method="post" action="/basket/{{ $entry->id }}" class="line-form">
<input type="hidden" name="seen" value="{{ $entry->seenAs() }}">
<label class="sr" for="q{{ $entry->id }}">How many {{ $entry->name() }}</label><input id="q{{ $entry->id }}"
    type="number" name="quantity" min="1" max="99" value="{{ $entry->quantity }}" inputmode="numeric"><button type="submit"
    class="small" data-change>Change</button><button type="submit" class="small" name="remove" value="1">Take out</button></form>
</div>
<span class="amount">{{ WindowStall\Support\Views\MoneyView::text($entry->total()) }}</span></li>
@endforeach
</ul>
@if ($basket->troubles === [])@include('shop::parcels')@endif
@if ($basket->toFree)<p class="to-free">{{ WindowStall\Support\Views\MoneyView::text($basket->toFree) }} more, and delivery
    is free.</p>@endif
@include('shop::totals')
@include('shop::code-notes')
@foreach ($basket->codes->used as $used)@if ($used['typed'] !== '')<form method="post" action="/basket/codes"
    class="code-out"><button type="submit" name="drop" value="{{ $used['typed'] }}" class="small">Take out the code {{
    $used['typed'] }}</button></form>@endif @endforeach
<details class="code"><summary>I have a code</summary><form method="post" action="/basket/codes"><label class="sr"
    for="code">Code</label><input id="code" name="code" type="text" autocapitalize="characters" autocomplete="off"
    required> <button type="submit" class="small">Use it</button></form></details>
<form method="post" action="/basket/link" class="code-out"><button type="submit" class="small">Take this basket
    along</button></form>
@php($countries = WindowStall\Stall\Terms\Places::countries($stall))
@if (count($countries) > 1)<form method="post" action="/basket/where" class="where"><label for="where">It goes to</label>
<select id="where" name="country" data-elsewhere>@foreach ($countries as $code)<option value="{{ $code }}"
    @selected($code === $basket->delivery->to->country)>{{ WindowStall\Stall\Stall::countryName($code)
    }}</option>@endforeach</select> <button type="submit" class="small" data-change>Show</button></form>@endif
<p>@if ($basket->troubles === [])<a class="button wide" href="/checkout">Go to checkout</a>@endif</p>
@endif
</div>
<p class="sr" role="status" data-said></p>
@endsection
