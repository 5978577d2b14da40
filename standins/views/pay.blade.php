@extends('standins::layout', ['title' => 'Test payment', 'about' => 'no money moves here'])
@section('main')
<div class="card" style="max-width:460px;margin:18px auto">
<p class="q" style="margin:0">To {{ $payment->payee }}</p>
<p style="font-size:30px;margin:2px 0 14px">{{ number_format($payment->amount / 100, 2) }} {{ $payment->currency }}</p>
@if (in_array($payment->state, ['authorised', 'captured']))
<p class="say">This is paid already.</p>
<a href="{{ $payment->return_to }}">Back to the shop</a>
@elseif ($payment->state === 'void')
<p class="say">The shop has let this payment go. Nothing was charged.</p>
<a href="{{ $payment->return_to }}">Back to the shop</a>
@else
@if ($payment->state === 'declined')
<p class="say" style="background:#f6e4dd;border-color:#c9917a">The card was declined. Try another.</p>
@endif
<form method="post" action="{{ route('payment.pay', $payment->id) }}">
@foreach ($cards as $card)<label><input type="radio" name="card" value="{{ $card->value }}" @checked($loop->first)> {{ $card->number() }} <span
    class="q">{{ $card->words() }}</span></label>@endforeach
<p><button type="submit" class="do" style="width:100%;padding:10px" id="pay">Pay {{ number_format($payment->amount / 100, 2) }}
    {{ $payment->currency }}</button></p>
</form>
<a href="{{ $payment->return_to }}">Back to the shop without paying</a>
@endif
</div>
@endsection
