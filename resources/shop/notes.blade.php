@extends('shop::layout')
@push('head')
@include('shop::notes-feed')
@endpush
@section('main')
<section class="row">
@include('shop::crumbs')
<h1>{{ $heading }}</h1>
<ul class="notes">
@foreach ($notes as $note)
@include('shop::note', ['level' => 2])
@endforeach
</ul>
@if ($pages > 1)<nav class="after" aria-label="{{ $say('shop.list.pages') }}">
@if ($page > 1)<a href="/notes{{ $page > 2 ? '?page='.($page - 1) : '' }}" rel="prev">{{ $say('shop.notes.newer') }}</a>@endif
@if ($page < $pages)<a href="/notes?page={{ $page + 1 }}" rel="next">{{ $say('shop.notes.older') }}</a>@endif
</nav>@endif
</section>
@endsection
