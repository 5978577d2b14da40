<form class="sift" method="get" action="{{ $list->path }}" data-sift aria-label="Narrow it down">
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
    class="sr">leaves </span>{{ $choice->goods }}</small></label></li>
@endforeach
@if (! $facet->several && $taken > 0)<li><label class="choice"><input type="radio" name="{{ $facet->name }}"
    value=""><span>whenever</span></label></li>@endif
</ul><button type="submit" class="small">Show</button></fieldset>
</details>
@endforeach
@if ($found->prices['least'] !== $found->prices['most'] || $asked->from !== null || $asked->to !== null)
<details class="facet" data-facet="Price">
<summary>Price @if ($asked->from !== null || $asked->to !== null) <b>1</b>@endif</summary>
<fieldset class="span"><legend class="sr">Price in {{ $stall->seen()->currency->code }}</legend>
<label>from <input name="from" inputmode="decimal" maxlength="12" size="7" placeholder="{{ $found->prices['least'] }}"
    value="{{ $asked->from === null ? '' : $stall->seen()->money($asked->from)->digits() }}"></label>
<label>to <input name="to" inputmode="decimal" maxlength="12" size="7" placeholder="{{ $found->prices['most'] }}"
    value="{{ $asked->to === null ? '' : $stall->seen()->money($asked->to)->digits() }}"></label>
<button type="submit" class="small">Show</button>
</fieldset>
</details>
@endif
<label class="sort"><span class="sr">In which order</span><select name="sort">
<option value="">{{ $list->searched === null ? 'As they stand' : 'Best fitting first' }}</option>
@foreach (WindowStall\Core\Shelves\Standing::forShoppers() as $standing)<option value="{{ $standing->value }}"
    @selected($asked->sort === $standing)>{{ ucfirst($standing->words()) }}</option>@endforeach
</select></label>
<button type="submit" class="small">Show</button>
</form>
@if ($found->taken !== [])
<ul class="taken" aria-label="Narrowed down to">
@foreach ($found->taken as $taken)<li><a href="{{ $taken['without'] }}"><span class="sr">Without </span>{{ $taken['words'] }}
    <span aria-hidden="true">×</span></a></li>
@endforeach
</ul>
@endif
