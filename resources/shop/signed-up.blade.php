@extends('shop::layout')
@section('main')
<div class="narrow"><h1>{{ $heading }}</h1><p>{{ $words }}</p><p><a class="button" href="/">To the goods</a></p></div>
@endsection
