@extends('standins::layout', ['title' => 'Tannet Print Works',
    'about' => 'prints on cloth, clay and paper · you are the print house here'])
@section('main')
<section id="orders"><h2 style="margin-top:0">Orders</h2>
@if ($orders->isEmpty())<p class="q">None yet.</p>@else
<table><thead><tr><th scope="col">Order<th scope="col">What is printed<th scope="col">State<td></td></tr></thead><tbody>
@foreach ($orders as $o)
<tr><td>{{ $o->id }} · {{ $o->reference }}
<td>@foreach (json_decode($o->lines, true) as $l)
<div>{{ $l['quantity'] }} × {{ $l['sku'] }}
@foreach ($l['prints'] as $p)
· {{ $p['area'] }} by {{ $p['method'] }}, {{ $p['width_mm'] }} × {{ $p['height_mm'] }} mm at {{ $p['dpi'] }}
@endforeach
</div>
@endforeach
<td>{{ $o->state }}
<td class="n">@if (in_array($o->state, ['received', 'printing'], true))
<form method="post" action="{{ route('tannet.play.order', $o->id) }}">
@if ($o->state === 'received')<button type="submit" name="do" value="print">Print</button> @endif
<button type="submit" name="do" value="post">Post</button> <button type="submit" name="do" value="refuse">Refuse the artwork</button></form>@endif
</tr>
@endforeach</tbody></table>@endif</section>
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
