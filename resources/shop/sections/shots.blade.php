@php($shots = $good->pictures ?? [])
@php($comes = ['first' => 0, 'second' => min(1, count($shots)), 'last' => count($shots)][$settings['comes']])
<div class="gallery" tabindex="0" role="group" aria-label="{{ $say('shop.goods.pictures') }}">
@foreach ($shots as $i => $picture)
@includeWhen($film && $comes === $i, 'shop::moving')
<div class="shot" id="picture-{{ $i }}" data-shot="{{ $i }}">@include('shop::picture', ['picture' => $picture,
    'alt' => $picture->alt ?? ($i === 0 ? $good->title : $say('shop.goods.picture', title: $good->title, number: $i + 1)),
    'sizes' => '(min-width: 860px) 560px, 100vw', 'eager' => $i === 0])@if ($i === 0)@include('shop::tag', ['tag' => $good->tag()])@endif</div>
@endforeach
@includeWhen($film && $comes === count($shots), 'shop::moving')
@if ($shots === [] && ! $film)<div class="shot empty"></div>@endif
</div>
