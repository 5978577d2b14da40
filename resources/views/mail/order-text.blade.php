@php($text = WindowStall\Support\Views\MoneyView::text(...))
{!! $say('letters.'.$about.'.heading', name: $order->name) !!}

@if ($own !== '')
{!! $own !!}
@if ($words !== null)
{!! $words !!}
@endif
@else
{!! $words ?? $say('letters.'.$about.'.words', total: $total) !!}
@endif
@if ($why !== '')
{!! $why !!}
@endif
@if ($about === 'posted' && $parcel?->tracking && ! in_array('tracking', $uses, true))
{!! $say('letters.posted.tracking', carrier: (string) $parcel->carrier, number: (string) $parcel->tracking) !!}
@endif
@if ($about === 'late' && $by !== null && ! in_array('day', $uses, true))
{!! $say('letters.late.by', day: $by) !!}
@endif
@if (in_array($about, ['thanks', 'posted'], true) && ! in_array('days', $uses, true))
@foreach ($promises as $told)
{!! count($promises) === 1 ? $say('till.order.promised', dates: $told['dates'])
    : $say('till.parcels.several', goods: $told['goods'], dates: $told['dates']) !!}
@endforeach
@endif

@foreach ($lines as $one)
{!! $one['words'] !!}: {!! $text($one['total']) !!}
@endforeach
@if ($total !== null)
{!! $say('till.sums.total') !!}: {!! $text($total) !!}
@endif

{!! $leads !!}: {!! $link !!}

{!! $shop !!}@if ($address !== '')

{!! $address !!}@endif

{!! $say('letters.why', number: (string) $order->number) !!}
