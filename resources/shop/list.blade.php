@extends('shop::layout')
@section('main')
<section class="row">
<h1>{{ $heading }}</h1>
<ul class="goods">
@foreach ($goods as $good)@include('shop::good', ['good' => $good, 'eager' => $loop->index < 2])
@endforeach
</ul>
@if ($before !== null || $after !== null)
<nav class="turns" aria-label="Pages">
@if ($before !== null)<a href="{{ $before }}" rel="prev">Newer</a>@endif @if ($after !== null)<a href="{{ $after }}"
    rel="next">More goods</a>@endif</nav>
@endif
</section>
@endsection
