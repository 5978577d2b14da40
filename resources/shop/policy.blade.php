@extends('shop::layout')
@section('main')
<article class="narrow paper">
@include('shop::crumbs')
<h1>{{ $version->kind->heading() }}</h1>
@if ($version->number < $now)
<p class="quiet">This is what counted from {{ $version->published_at->format('j F Y') }} on. It was put anew since: <a
    href="/policies/{{ $version->kind->value }}">what counts now</a>.</p>
@endif
<div class="paper-words">
@foreach ($version->words as $words)
{!! WindowStall\Window\Pages\Paragraphs::html($words) !!}
@endforeach
</div>
<p class="quiet">Version {{ $version->number }}, {{ $version->published_at->format('j F Y') }}</p>
</article>
@endsection
