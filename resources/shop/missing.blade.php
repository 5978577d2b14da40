@extends('shop::layout')
@section('main')
<div class="narrow">
<h1>That isn’t on the stall any more</h1>
<p>It may have sold out or been taken in.</p>
<p><a class="button" href="/">See what is</a></p>
</div>
@endsection
