@extends('shop::layout')
@section('main')
<div class="narrow">
<h1>{{ $say('shop.missing.heading') }}</h1>
<p>{{ $say('shop.missing.words') }}</p>
@include('shop::search')
</div>
@if ($shelves !== [])
<section class="row">
<h2>{{ $say('shop.missing.shelves') }}</h2>
@include('shop::shelf-tiles')
</section>
@else
<p class="narrow"><a class="button" href="/">{{ $say('shop.missing.see') }}</a></p>
@endif
@endsection
