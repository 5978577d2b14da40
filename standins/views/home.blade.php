@php($title = 'The outside world')
@php($about = 'small simulated services that Window Stall talks to over HTTP')
@extends('standins::layout', ['title' => $title, 'about' => $about])
@section('main')
<section><h2 style="margin-top:0"><a href="{{ route('oakum.play') }}">Oakum Depot</a></h2>A wholesaler. Raise a cost, sell out a variant, drop a colour, accept and post orders, let a day pass.</section>
<section><h2 style="margin-top:0"><a href="{{ route('payment.list') }}">Payments</a></h2>Takes test cards: one approves, one is declined, one is slow.</section>
@endsection
