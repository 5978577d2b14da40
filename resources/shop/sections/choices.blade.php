@foreach ($good->options as $name => $values)
@php($coloured = WindowStall\Core\Shelves\Swatch::fits($values))
<fieldset class="options" form="basket-form"><legend>{{ $stall->phrases()->say($name) }}</legend><div class="pills">
@foreach ($values as $value)
@php($gone = $good->valueGone($name, $value))
@php($swatch = $coloured ? WindowStall\Core\Shelves\Swatch::of($value) : null)
<label class="pill"@if ($gone) data-gone @endif><input type="radio" id="o-{{ $loop->parent->index }}-{{ $loop->index }}"
    name="option[{{ $name }}]" value="{{ $value }}" @checked(($good->chosen->options[$name] ?? null) === $value)
    data-option="{{ $loop->parent->index }}" form="basket-form"><span>@if ($swatch)<i class="swatch"
    style="background:{{ $swatch }}"></i>@endif<b>{{ $stall->phrases()->say($value) }}</b>@if ($gone) <small>{{
    $say('shop.goods.gone') }}</small>@endif</span></label>
@endforeach
</div></fieldset>
@endforeach
