@extends('shop::layout')
@if ($page->shown['asked'] !== [])
@push('head')
<script type="application/ld+json">{!! json_encode(WindowStall\Shop\Faq::jsonLd($page->shown['asked']),
    JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
@endpush
@endif
@section('main')
<article class="narrow paper">
@include('shop::crumbs')
<h1>{{ $page->shown['title'] }}</h1>
<div class="paper-words">{!! $page->shown['words'] !!}</div>
@if ($page->shown['asked'] !== [])
<div class="questions">
@foreach ($page->shown['asked'] as $one)
<details><summary>{{ $one['ask'] }}</summary>{!! WindowStall\Window\Pages\Paragraphs::html($one['answer']) !!}</details>
@endforeach
</div>
@endif
@if ($page->kind === WindowStall\Window\Written\PageKind::Contact)
@include('shop::letter')
@endif
</article>
@endsection
