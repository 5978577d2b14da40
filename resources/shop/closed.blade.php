@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
@endpush
@section('main')
<div class="narrow closed">
@if ($look->logo !== null)
<img src="{{ WindowStall\Support\Pictures\PictureSizes::url($look->logo['path'], 280) }}" alt=""
    width="{{ $look->logo['width'] }}" height="{{ $look->logo['height'] }}">
@endif
<h1>{{ $look->wordmark }}</h1>
<p>{{ $say($stall->opened_at === null ? 'shop.closed.not_yet' : 'shop.closed.for_a_while') }}</p>
</div>
@endsection
