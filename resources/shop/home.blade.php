@extends('shop::layout')
@section('main')
@if (trim($main) === '')<p class="narrow quiet">The stall is being laid out. Come back soon.</p>@endif
{!! $main !!}
@endsection
