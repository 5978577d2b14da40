@extends('shop::layout')
@section('main')
<div class="narrow"><h1>{{ $heading }}</h1><p>{{ $words }}</p><p><a class="button" href="/">{{ $say('shop.to_the_goods') }}</a></p></div>
@endsection
