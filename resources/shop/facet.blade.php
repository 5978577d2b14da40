@php($taken = count(array_filter($facet->choices, fn ($c) => $c->taken)))
<details class="facet" data-facet="{{ $facet->heading }}">
<summary>{{ $facet->heading }}@if ($taken > 0) <b>{{ $taken }}</b>@endif</summary>
<fieldset><legend class="sr">{{ $facet->heading }}</legend><ul class="{{ $facet->swatches() ? 'swatches' : '' }}">
@foreach ($facet->choices as $choice)
<li><label class="choice{{ $choice->goods === 0 ? ' none' : '' }}"><input
    type="{{ $facet->several ? 'checkbox' : 'radio' }}"
    name="{{ in_array($facet->name, ['type', 'is'], true) ? $facet->name.'[]' : $facet->name }}"
    value="{{ $choice->value }}"
    @checked($choice->taken)>@if ($choice->swatch)<i class="swatch"
    style="background:{{ $choice->swatch }}"></i>@endif<span>{{ $choice->words }}</span> <small><span
    class="sr">{{ $say('shop.sift.leaves') }} </span>{{ $choice->goods }}</small></label></li>
@endforeach
@if (! $facet->several && $taken > 0)<li><label class="choice"><input type="radio" name="{{ $facet->name }}"
    value=""><span>{{ $say('shop.sift.whenever') }}</span></label></li>@endif
</ul><button type="submit" class="small">{{ $say('shop.sift.show') }}</button></fieldset>
</details>
