@php
    $tone = static fn (string $name, string $else): string => $look === null ? $else : $look->tones()->get($name)->toHex();
    $sign = $paper->kind === WindowStall\Counter\Papers\PaperKind::Credit ? -1 : 1;
    $text = fn (int $minor): string => WindowStall\Support\Views\MoneyView::text($order->money($sign * $minor));
    $about = 'till.papers.'.$paper->kind->value;
@endphp
<!doctype html>
<html lang="{{ $order->language }}">
<head><meta charset="utf-8"><meta name="robots" content="noindex"><title>{{ $say($about, number: $paper->name()) }} · {{ $shop }}</title>
<style>
@page { margin: 22mm 20mm }
body { margin: 0 auto; max-width: 170mm; padding: 8mm; font: 10.5pt/1.5 "DejaVu Sans", sans-serif; color: #222 }
h1 { margin: 9mm 0 1mm; font-size: 17pt; line-height: 1.25 }
.shop { margin: 0; padding-bottom: 3mm; border-bottom: 1.2pt solid {{ $tone('fill', '#222222') }}; font-size: 13pt; font-weight: bold }
.who { width: 100%; margin-top: 6mm } .who td { width: 50%; vertical-align: top }
.quiet { color: #666; font-size: 9pt }
table { border-collapse: collapse } .lines { width: 100%; margin-top: 6mm }
.lines td, .lines th { padding: 1.6mm 0; border-bottom: .5pt solid #ccc; text-align: left; vertical-align: top; font-weight: normal }
.lines .n { text-align: right; white-space: nowrap; padding-left: 6mm } .lines th { color: #666; font-size: 9pt }
.lines .sum td { border-bottom: 0; font-weight: bold; font-size: 12pt }
.foot { margin-top: 10mm; padding-top: 3mm; border-top: .5pt solid #ccc }
</style></head>
<body>
<p class="shop">{{ $shop }}</p>
<h1>{{ $say($about, number: $paper->name()) }}</h1>
<p class="quiet" style="margin:0">{{ $issued }} · {{ $say('till.order.number', number: (string) $order->number) }}@if ($cancels !== null) · {{
    $say($part ? 'till.papers.part_of' : 'till.papers.cancels', number: $cancels) }}@endif</p>
<table class="who"><tr>
<td><span class="quiet">{{ $say('till.papers.to') }}</span><br>@foreach ($said['buyer'] as $line){{ $line }}<br>@endforeach
@if ($said['buyer_tax_number'] !== ''){{ $said['buyer_tax_number'] }}@endif</td>
<td><span class="quiet">{{ $say('till.papers.from') }}</span><br>@foreach ($said['seller'] as $line){{ $line }}<br>@endforeach
@if ($said['tax_number'] !== ''){{ $say('policies.legal.tax', number: $said['tax_number']) }}<br>@endif
@if ($said['register'] !== ''){{ $say('policies.legal.register', register: $said['register']) }}@endif</td>
</tr></table>
<table class="lines">
<tr><th scope="col">{{ $say('till.papers.what') }}</th><th scope="col" class="n">{{ $say('till.papers.pieces') }}</th><th scope="col"
    class="n">{{ $say('till.papers.amount') }}</th></tr>
@foreach ($said['lines'] as $line)<tr><td>{{ $line['words'] }}</td><td class="n">{{ $line['pieces'] }}</td><td class="n">{{
    $text($line['total']) }}</td></tr>
@endforeach
@if ($said['discount'] > 0)<tr><td>{{ $say('till.sums.taken_off') }}</td><td></td><td class="n">{{ $text(-$said['discount']) }}</td></tr>@endif
@if ($said['delivery'] > 0 || $cancels === null)<tr><td>{{ $say('till.sums.delivery') }}</td><td></td><td class="n">{{
    $text($said['delivery']) }}</td></tr>@endif
@if (($said['besides'] ?? 0) > 0)<tr><td>{{ $say('till.sums.besides') }}</td><td></td><td class="n">{{ $text($said['besides']) }}</td></tr>@endif
@if ($said['on_top'])@foreach ($said['taxes'] as $tax)<tr><td>{{ $say('till.sums.with', rate: $tax['rate']) }}</td><td></td><td class="n">{{
    $text($tax['tax']) }}</td></tr>@endforeach @endif
<tr class="sum"><td>{{ $say('till.sums.total') }}</td><td></td><td class="n">{{ $text($said['total']) }}</td></tr>
</table>
@if (! $said['on_top'] && $said['taxes'] !== [])<table class="lines" style="margin-top:2mm">
@foreach ($said['taxes'] as $tax)<tr class="quiet"><td>{{ $say('till.papers.tax', rate: $tax['rate'], amount: $text($tax['asked'])) }}</td><td
    class="n">{{ $text($tax['tax']) }}</td></tr>@endforeach
</table>@endif
@if ($said['reverse'])<p>{{ $say('till.order.reverse', company: $order->company, number: $said['buyer_tax_number'], country: $said['country']) }}</p>@endif
<p class="foot quiet">{{ implode(' · ', $said['seller']) }}</p>
</body>
</html>
