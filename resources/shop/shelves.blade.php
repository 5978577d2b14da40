@extends('shop::layout')
@section('main')
<section class="row">
@include('shop::crumbs')
<h1>{{ $say('shop.shelves.heading') }}</h1>
@include('shop::shelf-tiles')
<p class="after"><a href="/goods">{{ $say('shop.everything_here') }}</a></p>
</section>
@endsection
