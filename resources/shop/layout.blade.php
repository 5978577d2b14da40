<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title }}@if ($title !== $look->wordmark) · {{ $look->wordmark }}@endif</title>
@if ($description !== '')<meta name="description" content="{{ $description }}">@endif
@if ($path !== null)<link rel="canonical" href="{{ $stall->shopAddress($path) }}">@endif
<link rel="icon" href="data:,">
<link rel="preload" href="{{ $assets->font($look->starter->displayFace()) }}" as="font" type="font/woff2" crossorigin>
<link rel="preload" href="{{ $assets->font($look->starter->textFace()) }}" as="font" type="font/woff2" crossorigin>
<link rel="stylesheet" href="{{ $assets->url('resources/shop/shop.css') }}">
<style>{!! $css !!}</style>
<script type="module" src="{{ $assets->url('resources/shop/islands/shop.ts') }}"></script>
@stack('head')
</head>
<body class="{{ $look->starter->value }}">
<a class="skip" href="#main">To the goods</a>
@foreach ($notices as $section)@include('shop::sections.notice', ['settings' => $section->settings])@endforeach
@yield('above')
<header class="masthead">
<a class="wordmark" href="/">@if ($look->logo)<img src="{{ WindowStall\Support\Pictures\PictureSizes::url($look->logo['path'], 320) }}" alt="{{ $look->wordmark }}" width="{{ $look->logo['width'] }}" height="{{ $look->logo['height'] }}">@else{{ $look->wordmark }}@endif</a>
<a class="basket-link" href="/basket">Basket <span data-basket-count hidden></span></a>
</header>
<main id="main">@yield('main')</main>
@foreach ($feet as $section)@include('shop::sections.foot', ['settings' => $section->settings])@endforeach
@yield('below')
</body>
</html>
