@php($arrivals = $good->arrivals())
@php($first = $good->chosen?->days)
<section class="arrival" data-arrival>
<h2>@if ($settings['heading'] !== '')<span{!! $edit('heading') !!}>{{ $settings['heading'] }}</span>@else<span data-days>{{
    WindowStall\Shop\GoodsPage::daysWords($first) }}</span>@endif</h2>
@if ($settings['heading'] !== '')<p class="quiet" data-days>{{ WindowStall\Shop\GoodsPage::daysWords($first) }}</p>@endif
@if ($settings['drawn'] === 'days')<ol class="journey" data-journey data-waits>
<li><span>{{ $say('shop.arrival.paid') }}</span> <b>{{ $say('shop.arrival.today') }}</b></li>
<li><span>{{ $say('shop.arrival.posted') }}</span> <b data-posted>–</b></li>
<li><span>{{ $say('shop.arrival.there') }}</span> <b data-there>–</b></li>
</ol>
<script type="application/json" data-arrivals>{!! json_encode($arrivals, JSON_HEX_TAG | JSON_HEX_AMP
    | JSON_UNESCAPED_UNICODE) !!}</script>@endif
</section>
