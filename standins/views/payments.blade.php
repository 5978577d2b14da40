@extends('standins::layout', ['title' => 'Payments', 'about' => 'the payment stand-in’s book'])
@section('main')
<section>
<table>
<thead>
<tr>
<th scope="col">Payment<th scope="col">To<th scope="col">Reference<th scope="col" class="n">Amount<th scope="col">By<th
    scope="col">State<th scope="col" class="n">Captured<th scope="col">And then</tr>
</thead>
<tbody>
@forelse ($payments as $p)
<tr>
<td>{{ $p->id }}
<td>{{ $p->payee }}
<td>{{ $p->reference }}
<td class="n">{{ number_format($p->amount / 100, 2) }} {{ $p->currency }}
<td>{{ $p->method }}, {{ $p->mode }}
<td>{{ $p->state }}@if ($p->disputed), disputed @endif @if ($p->refunded > 0), {{ number_format($p->refunded / 100, 2) }} given back @endif
<td class="n">{{ $p->captures }}×
<td>@if ($p->state === 'pending')<form method="post" action="{{ route('payment.turn', $p->id) }}"><button type="submit" name="does"
    value="pays">The bank pays</button> <button type="submit" name="does" value="fails">It doesn’t</button></form>@elseif ($p->state
    === 'captured' && ! $p->disputed)<form method="post" action="{{ route('payment.turn', $p->id) }}"><button type="submit" name="does"
    value="disputes">Its payer disputes it</button></form>@endif</tr>
@empty
<tr>
<td colspan="8" class="q">None yet.</tr>
@endforelse
</tbody></table></section>
@endsection
