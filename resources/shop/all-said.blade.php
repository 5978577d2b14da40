@extends('shop::layout')
@section('main')
<div class="crumbs-row">@include('shop::crumbs')</div>
<div class="narrow">
<h1>{{ $say('shop.said.of', goods: $good->title) }}</h1>
@if ($reviews->summary->digits() !== '')<p>{{ $say('shop.said.average', stars: $reviews->summary->digits(), count: $reviews->summary->count) }}</p>@endif
<p class="quiet">{{ $say('shop.said.who') }}</p>
<ul class="all-said">
@foreach ($all as $said)@include('shop::one-said')
@endforeach
</ul>
@if ($hidden->isNotEmpty())<section id="hidden"><h2>{{ $say('shop.said.hidden') }}</h2><ul class="all-said">
@foreach ($hidden as $one)<li class="one-said"><p>{{ $say('shop.said.hid', day: WindowStall\Support\Speech\Spoken::date($one->hidden_at),
    why: $say('shop.said.because.'.$one->hidden_because->value)) }}</p></li>
@endforeach
</ul></section>@endif
</div>
@endsection
