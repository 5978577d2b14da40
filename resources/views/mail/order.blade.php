@php
    $tone = static fn (string $name, string $else): string => $look === null ? $else : $look->tones()->get($name)->toHex();
    [$ground, $ink, $mute, $line] = [$tone('ground', '#ffffff'), $tone('ink', '#222222'), $tone('mute', '#666666'), $tone('line', '#dddddd')];
    [$fill, $on] = [$tone('fill', '#222222'), $tone('on-fill', '#ffffff')];
    $text = WindowStall\Support\Views\MoneyView::text(...);
@endphp
<!doctype html>
<html lang="{{ $order->language }}">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>{{ $shop }}</title></head>
<body style="margin:0;background:{{ $ground }};color:{{ $ink }};font:16px/1.55 Georgia,'Times New Roman',serif">
<table role="presentation" width="100%" cellpadding="0" cellspacing="0"><tr><td align="center" style="padding:28px 16px">
<table role="presentation" width="100%" cellpadding="0" cellspacing="0" style="max-width:560px;text-align:left">
<tr><td style="padding-bottom:18px;border-bottom:2px solid {{ $fill }};font-size:22px;font-weight:bold">{{ $shop }}</td></tr>
<tr><td style="padding:22px 0 6px;font-size:24px;line-height:1.25">{{ $say('letters.'.$about.'.heading', name: $order->name) }}</td></tr>
<tr><td style="padding-bottom:16px">@if ($own !== ''){!! nl2br(e($own)) !!} @if ($words !== null)<br>{{ $words }}@endif @else{{
    $words ?? $say('letters.'.$about.'.words', total: $total) }}@endif @if ($why !== '') {{
    $why }}@endif @if ($about === 'posted' && $parcel?->tracking && ! in_array('tracking', $uses, true)) {{
    $say('letters.posted.tracking', carrier: (string) $parcel->carrier, number: (string) $parcel->tracking) }}@endif
@if ($about === 'late' && $by !== null && ! in_array('day', $uses, true)) {{ $say('letters.late.by', day: $by) }}@endif
@if (in_array($about, ['thanks', 'posted'], true) && ! in_array('days', $uses, true))@foreach ($promises as $told)<br>{{ count($promises) === 1
    ? $say('till.order.promised', dates: $told['dates'])
    : $say('till.parcels.several', goods: $told['goods'], dates: $told['dates']) }}@endforeach @endif</td></tr>
@foreach ($lines as $one)<tr><td style="border-top:1px solid {{ $line }};padding:8px 0"><table role="presentation" width="100%"
    cellpadding="0" cellspacing="0"><tr><td>{{ $one['words'] }}</td><td align="right" style="white-space:nowrap;padding-left:16px">{{
    $text($one['total']) }}</td></tr></table></td></tr>
@endforeach
@if ($total !== null)<tr><td style="border-top:1px solid {{ $line }};padding:8px 0;font-weight:bold"><table role="presentation"
    width="100%" cellpadding="0" cellspacing="0"><tr><td>{{ $say('till.sums.total') }}</td><td align="right">{{ $text($total)
    }}</td></tr></table></td></tr>@endif
<tr><td style="padding:20px 0"><a href="{{ $link }}" style="display:inline-block;background:{{ $fill }};color:{{ $on
    }};padding:12px 20px;text-decoration:none;border-radius:6px">{{ $leads }}</a></td></tr>
<tr><td style="padding-top:14px;border-top:1px solid {{ $line }};font-size:13px;color:{{ $mute }}">{{ $shop }}@if ($address !== '')<br>{{
    $address }}@endif<br>{{ $say('letters.why', number: (string) $order->number) }}</td></tr>
</table></td></tr></table>
</body>
</html>
