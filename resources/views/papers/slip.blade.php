@php
    $tone = static fn (string $name, string $else): string => $look === null ? $else : $look->tones()->get($name)->toHex();
@endphp
<!doctype html>
<html lang="{{ $order->language }}">
<head><meta charset="utf-8"><meta name="robots" content="noindex"><title>{{ $say('till.order.number', number: (string) $order->number) }} · {{
    $shop }}</title>
<style>
@page { margin: 18mm 20mm }
body { margin: 0 auto; max-width: 170mm; padding: 8mm; font: 11pt/1.5 "DejaVu Sans", sans-serif; color: #222 }
h1 { margin: 8mm 0 4mm; font-size: 16pt }
.shop { margin: 0; padding-bottom: 3mm; border-bottom: 1.2pt solid {{ $tone('fill', '#222222') }}; font-size: 14pt; font-weight: bold }
.quiet { color: #666; font-size: 9pt }
table { width: 100%; margin-top: 6mm; border-collapse: collapse }
td, th { padding: 2mm 0; border-bottom: .5pt solid #ccc; text-align: left; font-weight: normal }
.n { text-align: right }
</style></head>
<body>
<p class="shop">{{ $shop }}</p>
<h1>{{ $say('till.order.number', number: (string) $order->number) }}</h1>
<p>@foreach ($to as $line){{ $line }}<br>@endforeach</p>
<table>
<tr class="quiet"><th scope="col">{{ $say('till.papers.what') }}</th><th scope="col">SKU</th><th scope="col" class="n">{{
    $say('till.papers.pieces') }}</th></tr>
@foreach ($lines as $line)<tr><td>{{ $line['words'] }}</td><td class="quiet">{{ $line['sku'] }}</td><td class="n">{{ $line['pieces'] }}</td></tr>
@endforeach
</table>
</body>
</html>
