@extends('shop::layout')
@section('main')
<section class="row">
@include('shop::crumbs')
<h1>Shelves</h1>
@include('shop::shelf-tiles')
<p class="after"><a href="/goods">Everything on the stall</a></p>
</section>
@endsection
