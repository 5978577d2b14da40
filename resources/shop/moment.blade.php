@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
<meta http-equiv="refresh" content="1;url={{ $again }}">
@endpush
@section('main')
<div class="narrow">
<h1>{{ $say('till.moment.heading') }}</h1>
<p role="status">{{ $say('till.moment.words') }}</p>
<p><a class="button" href="{{ $again }}">{{ $say('till.moment.again') }}</a></p>
</div>
@endsection
