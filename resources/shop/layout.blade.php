<!doctype html>
<html lang="{{ $stall->seen()->language }}"@if (count($stall->languageRows) > 0) data-speaks @endif>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }}@if ($title !== $look->wordmark) · {{ $look->wordmark }}@endif</title>
@if ($description !== '')<meta name="description" content="{{ $description }}">@endif
@if ($unlisted ?? false)<meta name="robots" content="noindex, follow">
@endif
@if ($path !== null)<link rel="canonical" href="{{ $stall->shopAddress($stall->seen()->path($path)) }}">
@foreach ($markets as $market)<link rel="alternate" hreflang="{{ $market->hreflang() }}" href="{{
    $stall->shopAddress($market->path($path)) }}">
@if ($market->prefix === '')<link rel="alternate" hreflang="x-default" href="{{ $stall->shopAddress($path) }}">
@endif
@endforeach
@if ($path === '/goods')<link rel="alternate" type="application/ld+json" href="{{
    $stall->shopAddress($stall->seen()->path('/goods.json')) }}">
@endif
@endif
<link rel="icon" href="{{ $style->icon() }}">
<meta property="og:title" content="{{ $title }}">
<meta property="og:site_name" content="{{ $look->wordmark }}">
<meta property="og:type" content="{{ str_starts_with($path ?? '', '/goods/') ? 'product' : 'website' }}">
@if ($description !== '')<meta property="og:description" content="{{ $description }}">
@endif
@if ($path !== null)<meta property="og:url" content="{{ $stall->shopAddress($stall->seen()->path($path)) }}">
@endif
@if (($shared ?? '') !== '')<meta property="og:image" content="{{ $shared }}">
@endif
@foreach ($style->faces() as $face)<link rel="preload" href="{{ $face }}" as="font" type="font/woff2" crossorigin>
@endforeach
<link rel="stylesheet" href="{{ $assets->url('resources/shop/shop.css') }}">
<link rel="stylesheet" href="{{ $style->sheet() }}" data-build>
<style data-look>{!! $style->css() !!}</style>
@if ($trial)<script src="{{ $assets->url('resources/shop/islands/half.ts') }}" data-trial="{{ $trial }}"></script>
@endif
<script type="module" src="{{ $assets->url('resources/shop/islands/shop.ts') }}"></script>
@if ($scripts->all !== [] && ! $galley)<script type="module" src="{{ $assets->url('resources/shop/islands/scripts.ts') }}"></script>
@endif
@stack('islands')
@if ($galley)<link rel="stylesheet" href="{{ $assets->url('resources/shop/galley.css') }}">
<script type="module" src="{{ $assets->url('resources/shop/islands/galley.ts') }}"
    data-workshop="{{ config('stall.scheme') }}://{{ config('stall.workshop_host') }}{{ config('stall.port_suffix') }}"></script>
@endif
@stack('head')
</head>
<body class="{{ $style->classes() }}{{ $galley ? ' galley' : '' }}">
<a class="skip" href="#main">{{ $say('shop.skip') }}</a>
<div data-place="lead">{!! $lead !!}</div>
<main id="main">@yield('main')</main>
<div data-place="foot">{!! $foot !!}</div>
@includeWhen($markets !== [], 'shop::markets')
@includeWhen($scripts->all !== [] && $foot !== '' && ! $galley && ! isset($answered), 'shop::scripts-bar')
</body>
</html>
