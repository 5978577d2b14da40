@extends('shop::layout')
@if ($asked !== [])
@push('head')
<script type="application/ld+json">{!! json_encode(WindowStall\Shop\Faq::jsonLd($asked),
    JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
@endpush
@endif
@if ($dated !== '')@push('head')
@include('shop::notes-feed')
@endpush
@endif
@section('main')
<div class="paper-crumbs">
@include('shop::crumbs')
@if ($dated !== '')<p class="note-day">{{ $dated }}</p>@endif
</div>
@if (! str_contains($main, '<h1'))<h1 class="sr">{{ $heading }}</h1>
@endif
{!! $main !!}
@endsection
