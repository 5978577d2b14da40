@extends('shop::layout')
@section('main')
@if (! str_contains($main, '<h1'))<h1 class="sr">{{ $look->wordmark }}</h1>
@endif
{!! $main !!}
@endsection
