@extends('standins::layout', ['title' => 'Is it you?', 'about' => 'no money moves here'])
@section('main')
<div class="card" style="max-width:460px;margin:18px auto">
<p>Your bank asks: do you pay {{ number_format($payment->amount / 100, 2) }} {{ $payment->currency }} to
    {{ $payment->payee }}?</p>
<form method="post" action="{{ route('payment.second', $payment->id) }}">
<p><button type="submit" name="yes" value="1" class="do" style="width:100%;padding:10px" id="yes">Yes, it is me</button></p>
<p><button type="submit" name="no" value="1">No</button></p>
</form>
</div>
@endsection
