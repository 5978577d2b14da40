<form class="sift" method="get" action="{{ $list->path }}" data-sift aria-label="{{ $say('shop.sift.heading') }}">
@foreach ($list->asked as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
@foreach (WindowStall\Window\Sections\Laid\Listed::order($settings) as $way)
@if ($way === 'price')
@include('shop::facet-price')
@else
@foreach ($found->facets as $facet)
@includeWhen($facet->name === $way, 'shop::facet')
@endforeach
@endif
@endforeach
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
