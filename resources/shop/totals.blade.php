@php($text = WindowStall\Support\Views\MoneyView::text(...))
@php($there = $basket->delivery->to->country)
@php($included = $stall->terms($there)->tax->included)
<dl class="totals">
<div><dt>Goods</dt><dd>{{ $text($basket->totals->goods->plus($basket->market->money($basket->codes->off()))) }}</dd></div>
@foreach ($basket->codes->used as $id => $used)
@php($off = $basket->codes->allotment->codes[$id] ?? 0)
<div data-code><dt>{{ $used['typed'] === '' ? ucfirst($used['words']) : 'Code '.$used['typed'].', '.$used['words'] }}</dt><dd>{{ $off === 0
    ? '' : $text($basket->market->money(-$off)) }}</dd></div>
@endforeach
<div><dt>Delivery to {{ WindowStall\Stall\Stall::countrySaid($there) }}</dt><dd>{{ $basket->totals->delivery->minor === 0 ? 'free'
    : $text($basket->totals->delivery) }}</dd></div>
<div class="sum"><dt>Total</dt><dd data-total>{{ $text($basket->totals->total) }}</dd></div>
@foreach ($basket->totals->rates as $rate => $sums)<div class="quiet">
<dt>{{ $included ? 'of which' : 'with' }} VAT, {{ (new WindowStall\Core\Money\Rate($rate))->percent() }}</dt>
<dd>{{ $text($basket->market->money($sums['tax'])) }}</dd>
</div>
@endforeach
@if ($basket->totals->reverse)<div class="quiet"><dt>Without VAT: your business owes it (reverse charge)</dt><dd></dd></div>
@endif
</dl>
