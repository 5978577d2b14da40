@extends('shop::layout')
@php($age = $good->fromAge())
@push('head')
@if ($age !== null)<script src="{{ $assets->url('resources/shop/islands/grown.ts') }}" data-age="{{ $age }}"></script>
@endif
<script type="application/ld+json">{!! json_encode($good->jsonLd($stall->shopAddress($stall->seen()->path($path))), JSON_UNESCAPED_SLASHES
    | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
@if ($good->firsts() !== '')<style>{{ $good->firsts() }}</style>
@endif
@endpush
@section('main')
@if ($age !== null)@include('shop::grown-up')@endif
@if ($crumbs !== [])<div class="crumbs-row">@include('shop::crumbs')</div>@endif
<article class="product" data-product data-put="{{ $say($good->isOnly() ? 'shop.goods.buy_now' : 'shop.goods.put') }}"
    data-not-so="{{ $say('shop.goods.not_so') }}" data-another="{{ $say('shop.goods.another') }}"
    data-seen="{{ $good->seenAs() }}">
<div class="product-top" data-place="top">{!! $top !!}</div>
<script type="application/json" data-choices>{!! json_encode($good->choices(), JSON_HEX_TAG | JSON_HEX_AMP
    | JSON_UNESCAPED_UNICODE) !!}</script>
</article>
<div class="product-below" data-place="below">{!! $below !!}</div>
@endsection
