@extends('shop::layout')
@section('main')
<div class="narrow">
<h1>That isn’t on the stall any more</h1>
<p>It may have sold out or been taken in. What you want may still be here.</p>
@include('shop::search')
</div>
@if ($shelves !== [])
<section class="row">
<h2>The shelves</h2>
@include('shop::shelf-tiles')
</section>
@else
<p class="narrow"><a class="button" href="/">See what is</a></p>
@endif
@endsection
