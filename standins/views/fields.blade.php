<div class="card" style="max-width:460px;margin:18px auto">
<p class="q" style="margin:0">To {{ $payment->payee }}@if ($payment->mode === 'test'), tried out only @endif</p>
<p style="font-size:30px;margin:2px 0 14px">{{ number_format($payment->amount / 100, 2) }} {{ $payment->currency }}</p>
@if (in_array($payment->state, ['authorised', 'captured']))
<p class="say">This is paid already.</p>
<a href="{{ $payment->return_to }}" target="_top">Back to the shop</a>
@elseif ($payment->state === 'pending')
<p class="say">Your bank has this transfer in hand.</p>
<a href="{{ $payment->return_to }}" target="_top">Back to the shop</a>
@elseif ($payment->state === 'void')
<p class="say">The shop has let this payment go. Nothing was charged.</p>
<a href="{{ $payment->return_to }}" target="_top">Back to the shop</a>
@else
@if ($payment->state === 'declined')
<p class="say" style="background:#f6e4dd;border-color:#c9917a">That was declined. Try again.</p>
@endif
<form method="post" action="{{ route('payment.pay', $payment->id) }}" target="_top">
@if ($payment->method === 'card' && $payer !== null)
<p>{{ $payer->words() }}</p><input type="hidden" name="card" value="approves">
<p><button type="submit" class="do" style="width:100%;padding:10px" id="pay">Pay {{ number_format($payment->amount / 100, 2) }}
    {{ $payment->currency }} with your card</button></p>
@elseif ($payment->method === 'card')
@foreach ($cards as $card)<label><input type="radio" name="card" value="{{ $card->value }}" @checked($loop->first)> {{ $card->number() }} <span
    class="q">{{ $card->words() }}</span></label>@endforeach
<p><button type="submit" class="do" style="width:100%;padding:10px" id="pay">Pay {{ number_format($payment->amount / 100, 2) }}
    {{ $payment->currency }}</button></p>
@elseif ($payment->method === 'transfer')
<p>Your bank sends the money; that takes until it does. The bank acts on the list of <a
    href="{{ route('payment.list') }}" target="_top">all payments</a>.</p>
<p><button type="submit" class="do" style="width:100%;padding:10px" id="pay">Order the transfer</button></p>
@else
<p>You pay in 30 days. Whether you may is decided now.</p>
<p><button type="submit" class="do" style="width:100%;padding:10px" id="pay">Pay in 30 days</button></p>
<p><button type="submit" name="refused" value="1">Be somebody who is refused</button></p>
@endif
</form>
<a href="{{ $payment->return_to }}" target="_top">Back to the shop without paying</a>
@endif
</div>
