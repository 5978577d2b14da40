@extends('standins::layout', ['title' => 'Test payment', 'about' => 'knows who you are, and no money moves'])
@section('main')
<div class="card" style="max-width:520px;margin:18px auto">
<p style="margin:0 0 12px">Who are you? The shop is told your address; you pay there with your card.</p>
@foreach ($people as $person)
<form method="post" action="{{ route('payment.wallet', $id) }}" style="display:block;margin:8px 0"><button type="submit" class="do"
    style="width:100%;padding:10px" name="person" value="{{ $person->value }}">{{ $person->words() }}</button></form>
@endforeach
<form method="post" action="{{ route('payment.wallet', $id) }}"><button type="submit">Tell the shop nothing</button></form>
</div>
@endsection
