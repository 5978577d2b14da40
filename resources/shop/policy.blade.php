@extends('shop::layout')
@section('main')
@php($day = WindowStall\Support\Speech\Spoken::date(WindowStall\Stall\Clock::of($stall)->local($version->published_at)))
<article class="narrow paper">
@include('shop::crumbs')
<h1>{{ $say('shop.policies.'.$version->kind->value) }}</h1>
@if ($version->number < $now)
<p class="quiet">{{ $say('shop.policies.counted', day: $day) }} <a
    href="/policies/{{ $version->kind->value }}">{{ $say('shop.policies.what_counts') }}</a>.</p>
@endif
<div class="paper-words">
@foreach ($clauses as $words)
{!! WindowStall\Window\Pages\Paragraphs::html($words) !!}
@endforeach
</div>
<p class="quiet">{{ $say('shop.policies.version', number: $version->number, day: $day) }}</p>
</article>
@endsection
