@extends('standins::layout', ['title' => 'Payments', 'about' => 'the payment stand-in’s book'])
@section('main')
<section>
<table>
<thead>
<tr>
<th scope="col">Payment<th scope="col">To<th scope="col">Reference<th scope="col" class="n">Amount<th scope="col">State<th scope="col" class="n">Captured</tr>
</thead>
<tbody>
@forelse ($payments as $p)
<tr>
<td>{{ $p->id }}
<td>{{ $p->payee }}
<td>{{ $p->reference }}
<td class="n">{{ number_format($p->amount / 100, 2) }} {{ $p->currency }}
<td>{{ $p->state }}
<td class="n">{{ $p->captures }}×</tr>
@empty
<tr>
<td colspan="6" class="q">None yet.</tr>
@endforelse
</tbody></table></section>
@endsection
