@extends('shop::layout')
@section('main')
<div class="narrow"><h1>{{ $title }}</h1><p>{{ $say('shop.list.nothing') }}</p></div>
@endsection
