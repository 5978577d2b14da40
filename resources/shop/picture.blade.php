@php($sizer = WindowStall\Support\Pictures\PictureSizes::class)
<picture><source type="image/webp" srcset="{{ $sizer::srcset($picture->path) }}" sizes="{{ $sizes }}"><img src="{{ $sizer::url($picture->path, 640, 'jpg') }}" alt="{{ $alt }}" width="{{ $picture->width }}" height="{{ $picture->height }}" @if ($eager) fetchpriority="high" @else loading="lazy" @endif decoding="async"></picture>
