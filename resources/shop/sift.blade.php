<form class="sift" method="get" action="{{ $list->path }}" data-sift aria-label="{{ $say('shop.sift.heading') }}">
@foreach ($list->asked as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
@foreach ($found->facets as $facet)
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
@endforeach
@if ($found->prices['least'] !== $found->prices['most'] || $asked->from !== null || $asked->to !== null)
<details class="facet" data-facet="price">
<summary>{{ $say('shop.sift.price') }} @if ($asked->from !== null || $asked->to !== null) <b>1</b>@endif</summary>
<fieldset class="span"><legend class="sr">{{ $say('shop.sift.price_in',
    currency: $stall->seen()->currency->code) }}</legend>
<label>{{ $say('shop.sift.from') }} <input name="from" inputmode="decimal" maxlength="12" size="7" placeholder="{{ $found->prices['least'] }}"
    value="{{ $asked->from === null ? '' : $stall->seen()->money($asked->from)->digits() }}"></label>
<label>{{ $say('shop.sift.to') }} <input name="to" inputmode="decimal" maxlength="12" size="7" placeholder="{{ $found->prices['most'] }}"
    value="{{ $asked->to === null ? '' : $stall->seen()->money($asked->to)->digits() }}"></label>
<button type="submit" class="small">{{ $say('shop.sift.show') }}</button>
</fieldset>
</details>
@endif
<label class="sort"><span class="sr">{{ $say('shop.sift.order') }}</span><select name="sort">
<option value="">{{ $say($list->searched === null ? 'shop.sift.as_they_stand' : 'shop.sift.best_fitting') }}</option>
@foreach (WindowStall\Core\Shelves\ShelfOrder::forShoppers() as $standing)<option value="{{ $standing->value }}"
    @selected($asked->sort === $standing)>{{ $say('shop.order.'.$standing->value) }}</option>@endforeach
</select></label>
<button type="submit" class="small">{{ $say('shop.sift.show') }}</button>
</form>
@if ($found->taken !== [])
<ul class="taken" aria-label="{{ $say('shop.sift.taken') }}">
@foreach ($found->taken as $taken)<li><a href="{{ $taken['without'] }}"><span class="sr">{{ $say('shop.list.without_this')
    }} </span>{{ $taken['words'] }}
    <span aria-hidden="true">×</span></a></li>
@endforeach
</ul>
@endif
