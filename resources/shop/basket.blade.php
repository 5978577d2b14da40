@extends('shop::layout')
@section('main')
{!! $main !!}
<p class="sr" role="status" data-said="{{ $say('till.total_now', total: '%s') }}"></p>
@endsection
