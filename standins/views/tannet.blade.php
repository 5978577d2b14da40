@extends('standins::layout', ['title' => 'Tannet Print Works',
    'about' => 'prints on cloth, clay and paper · you are the print house here'])
@section('main')
@foreach ($blanks as $blank)
<section id="{{ $blank['code'] }}"><h2 style="margin-top:0">{{ $blank['code'] }} {{ $blank['name'] }}</h2>
<p class="q">{{ $blank['about'] }} Printed by @foreach ($blank['methods'] as $m){{ $m['name'] }}
    (€{{ number_format($m['first'] / 100, 2) }}, each further area
    €{{ number_format($m['further'] / 100, 2) }})@if (!$loop->last), @endif @endforeach</p>
<table><thead><tr><th scope="col">Variant<th scope="col" class="n">Cost<th scope="col" class="n">Stock<td></td></tr></thead><tbody>
@foreach ($blank['variants'] as $v)
<tr id="{{ $v['sku'] }}">
<td>{{ trim($v['colour'].' '.$v['size']) }}
<td class="n">{{ number_format($v['cost'] / 100, 2) }}
<td class="n">{{ $v['stock'] }}
<td class="n">
<form method="post" action="{{ route('tannet.play.stock', $v['sku']) }}">
<button type="submit">{{ $v['stock'] > 0 ? 'Runs out' : 'Comes back' }}</button></form>
</tr>
@endforeach</tbody></table></section>
@endforeach
@endsection
