@php($rungs = $good->chosen ? $good->ladder($good->chosen) : [])
@if ($settings['drawn'] === 'line')
<p class="rungs-line">@foreach ($rungs as $rung)@if ($rung->pieces > 1)<span data-rung-line="{{ $loop->index }}">{{
    $say('shop.goods.rung', pieces: $rung->pieces, price: $rung->total, each: $rung->each) }}</span>@endif @endforeach</p>
@else
<fieldset class="ladder" form="basket-form"><legend>@if ($settings['heading'] !== '')<b{!! $edit('heading') !!}>{{
    $settings['heading'] }}</b>@else{{ $say('shop.rungs.heading') }}@endif</legend>
@foreach (array_reverse($rungs) as $rung)
<label class="rung"><input type="radio" name="quantity" value="{{ $rung->pieces }}" form="basket-form"
    @checked($rung->pieces === 1) data-rung="{{ count($rungs) - 1 - $loop->index }}"><span><b>{{
    $say('shop.rungs.pieces', count: $rung->pieces) }}@if ($rung->words !== '')<i>{{
    $rung->words }}</i>@endif</b> <b class="rung-total" data-rung-total>{{ $rung->toArray()['total'] }}</b>
<small data-rung-each>{{ $rung->toArray()['each'] }}</small> <small class="rung-why">@if ($rung->why() !== '')<em>{{ $rung->why()
    }}</em> @endif<span data-rung-saves>{{ $rung->toArray()['saves'] }}</span></small></span></label>
@endforeach
@if ($good->options !== [])<p class="quiet">{{ $say('shop.rungs.mixed') }}</p>@endif
</fieldset>
@endif
