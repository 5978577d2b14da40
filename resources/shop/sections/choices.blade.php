@foreach ($good->options as $name => $values)
@php($beside = $settings['beside'])
@php($coloured = $beside !== 'nothing' && WindowStall\Core\Shelves\Swatch::fits($values))
@php($own = $beside === 'pictures' ? $good->pictured($name) : [])
<fieldset class="options" form="basket-form"><legend>{{ $stall->phrases()->say($name) }}</legend><div class="pills">
@foreach ($values as $value)
@php($gone = $good->valueGone($name, $value))
@php($picture = $own[$value] ?? null)
@php($swatch = $coloured && ! $picture ? WindowStall\Core\Shelves\Swatch::of($value) : null)
<label class="pill{{ $picture ? ' pictured' : '' }}"@if ($gone) data-gone @endif><input type="radio" id="o-{{ $loop->parent->index }}-{{ $loop->index }}"
    name="option[{{ $name }}]" value="{{ $value }}" @checked(($good->chosen->options[$name] ?? null) === $value)
    data-option="{{ $loop->parent->index }}" form="basket-form"><span>@if ($picture)<img
    src="{{ WindowStall\Support\Pictures\PictureSizes::url((string) $picture->path, 400, 'webp') }}" alt="" width="44"
    height="44" loading="lazy">@endif
@if ($swatch)<i class="swatch"
    style="background:{{ $swatch }}"></i>@endif<b>{{ $stall->phrases()->say($value) }}</b>@if ($gone) <small>{{
    $say('shop.goods.gone') }}</small>@endif</span></label>
@endforeach
</div></fieldset>
@endforeach
