@extends('shop::layout')
@push('head')
<script type="module" src="{{ $assets->url('resources/shop/islands/list.ts') }}"></script>
@endpush
@section('main')
<section class="row list" data-list>
@include('shop::crumbs')
@if ($list->searched !== null)
<div>@include('shop::search', ['typed' => $list->searched])</div>
@endif
<h1 tabindex="-1">{{ $list->heading }}</h1>
@if ($list->words !== '')<p class="list-words">{!! nl2br(e($list->words)) !!}</p>@endif
@if ($list->meant !== null)<p class="list-words">Nothing here is called “{{ $list->searched }}”. This is what
    “{{ $list->meant }}” finds.</p>@endif
@if ($found->facets !== [] || $found->taken !== [])
@include('shop::sift')
@endif
@if ($goods !== [])
<p class="count" role="status">{{ $found->count === 1 ? '1 thing' : number_format($found->count).' things' }}</p>
<ul class="goods">
@foreach ($goods as $good)@include('shop::good', ['good' => $good, 'eager' => $loop->index < 2])
@endforeach
</ul>
@if ($found->pages > 1)
<nav class="turns" aria-label="Pages">
@if ($found->page > 1)<a href="{{ $at(['page' => $found->page === 2 ? null : $found->page - 1]) }}" rel="prev">Before</a>@endif
<span>{{ $found->page }} of {{ $found->pages }}</span>
@if ($found->page < $found->pages)<a href="{{ $at(['page' => $found->page + 1]) }}" rel="next">More goods</a>@endif
</nav>
@endif
@elseif ($found->taken !== [])
<div class="nothing" role="status">
<p>Nothing here is all of that at once.</p>
<ul>
@foreach ($found->taken as $taken)
@if ($taken['goods'] > 0)<li><a href="{{ $taken['without'] }}">Without “{{ $taken['words'] }}”:
    {{ $taken['goods'] === 1 ? '1 thing' : $taken['goods'].' things' }}</a></li>@endif
@endforeach
<li><a href="{{ $list->path }}{{ $list->asked === [] ? '' : '?'.http_build_query($list->asked) }}">Without any of
    it</a></li>
</ul>
</div>
@elseif ($list->searched !== null && $list->searched !== '')
<div class="nothing" role="status">
<p>Nothing here is called so. Try fewer words, or one that is like it.</p>
<p><a class="button" href="/goods">See everything</a></p>
</div>
@elseif ($list->searched === null)
<p class="nothing" role="status">Nothing stands here at the moment. <a href="/goods">See everything</a></p>
@endif
</section>
@endsection
