@php($sizer = WindowStall\Support\Pictures\PictureSizes::class)
<picture><source type="image/webp" srcset="{{ $sizer::srcset($picture->path) }}" sizes="{{ $eager ? $sizes : 'auto, '.$sizes }}"><img
    src="{{ $sizer::url($picture->path, 640, 'jpg') }}" alt="{{ $alt }}" width="{{ $picture->width }}"
    height="{{ $picture->height }}"@if ($picture->focus() !== '50% 50%') style="--at:{{ $picture->focus() }}"@endif
    @if ($eager) fetchpriority="high" @else loading="lazy" @endif decoding="async"></picture>
