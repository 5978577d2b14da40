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
