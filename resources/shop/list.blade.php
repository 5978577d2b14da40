@extends('shop::layout')
@include('shop::crumbs-said')
@includeWhen($list->searched !== null, 'shop::search-script')
@push('head')
<script type="module" src="{{ $assets->url('resources/shop/islands/list.ts') }}"></script>
@endpush
@section('main')
{!! $main !!}
@endsection
