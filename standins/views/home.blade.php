@php($title = 'The outside world')
@php($about = 'small simulated services that Window Stall talks to over HTTP')
@extends('standins::layout', ['title' => $title, 'about' => $about])
@section('main')
<section><h2 style="margin-top:0"><a href="{{ route('oakum.play') }}">Oakum Depot</a></h2>A wholesaler. Raise a cost,
    sell out a variant, drop a colour, accept and post orders, let a day pass.</section>
<section><h2 style="margin-top:0"><a href="{{ route('kilnfold.play') }}">Kilnfold</a></h2>A pottery. Its list of goods
    as a table and as XML, its stock book, and columns that change their names.</section>
<section><h2 style="margin-top:0"><a href="{{ route('tannet.play') }}">Tannet Print Works</a></h2>A print house.
    Blanks in colours and sizes; let one run out.</section>
<section><h2 style="margin-top:0"><a href="{{ route('payment.list') }}">Payments</a></h2>Takes test cards: one
    approves, one is declined, one is slow.</section>
<section><h2 style="margin-top:0"><a
    href="{{ config('stall.scheme') }}://mailbox.{{ config('stall.standins_host').config('stall.port_suffix') }}">Mailbox</a></h2>Takes
    what the program sends by mail, over SMTP. Read it there; make it slow, or let it refuse.</section>
<section><h2 style="margin-top:0"><a href="{{ route('carrier.play') }}">The carrier</a></h2>Says what a parcel costs now;
    make it slow, let it refuse or answer nonsense.</section>
<section><h2 style="margin-top:0">Writing help</h2>Makes drafts of titles and descriptions from nothing but the facts
    it is given; it has no page of its own.</section>
@endsection
