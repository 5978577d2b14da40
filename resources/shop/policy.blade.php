@extends('shop::layout')
@section('main')
<article class="narrow paper">
@include('shop::crumbs')
<h1>{{ $version->kind->heading() }}</h1>
@if ($version->number < $now)
<p class="quiet">This is what counted from {{ \WindowStall\Stall\Clock::here()->day($version->published_at) }} on. It was put anew since: <a
    href="/policies/{{ $version->kind->value }}">what counts now</a>.</p>
@endif
<div class="paper-words">
@foreach ($version->words as $words)
{!! WindowStall\Window\Pages\Paragraphs::html($words) !!}
@endforeach
</div>
<p class="quiet">Version {{ $version->number }}, {{ \WindowStall\Stall\Clock::here()->day($version->published_at) }}</p>
</article>
@endsection
