@php($text = WindowStall\Support\Views\MoneyView::text(...))
<dl class="totals">
<div><dt>Goods</dt><dd>{{ $text($basket->totals->goods) }}</dd></div>
<div><dt>Delivery to {{ $stall->marketName() }}</dt><dd>{{ $basket->totals->delivery->minor === 0 ? 'free'
    : $text($basket->totals->delivery) }}</dd></div>
<div class="sum"><dt>Total</dt><dd data-total>{{ $text($basket->totals->total) }}</dd></div>
<div class="quiet">
<dt>{{ $stall->tax_on_top ? 'with' : 'of which' }} VAT, {{ WindowStall\Support\Views\Percent::digits($stall->vat_bp) }}%</dt>
<dd>{{ $text($basket->totals->tax) }}</dd>
</div>
</dl>
