@php($text = WindowStall\Support\Views\MoneyView::text(...))
@php($there = $basket->delivery->to->country)
@php($included = $stall->terms($there)->tax->included)
<dl class="totals">
<div><dt>{{ $say('till.sums.goods') }}</dt><dd>{{ $text($basket->totals->before) }}</dd></div>
@foreach ($basket->codes->used as $id => $used)
@php($off = $basket->codes->allotment->codes[$id] ?? 0)
<div data-code><dt>{{ $used['typed'] === '' ? Str::ucfirst($used['words'])
    : $say('till.sums.code', code: $used['typed'], off: $used['words']) }}</dt><dd>{{ $off === 0
    ? '' : $text($basket->market->money(-$off)) }}</dd></div>
@endforeach
@if ($basket->isPosted())<div><dt>{{ $say('till.sums.delivery_to', country: WindowStall\Support\Speech\Spoken::countrySaid($there))
    }}</dt><dd data-delivery>{{ $basket->totals->delivery->minor === 0 ? $say('till.sums.free') : $text($basket->totals->delivery) }}</dd></div>@endif
<div class="sum"><dt>{{ $say('till.sums.total') }}</dt><dd data-total>{{ $text($basket->totals->total) }}</dd></div>
@foreach ($basket->totals->rates as $rate => $sums)<div class="quiet">
<dt>{{ $say($included ? 'till.sums.of_which' : 'till.sums.with',
    rate: WindowStall\Support\Speech\Spoken::percent(new WindowStall\Core\Money\Rate($rate))) }}</dt>
<dd>{{ $text($basket->market->money($sums['tax'])) }}</dd>
</div>
@endforeach
@if ($basket->totals->reverse)<div class="quiet"><dt>{{ $say('till.sums.reverse') }}</dt><dd></dd></div>
@endif
</dl>
