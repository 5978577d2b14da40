@php
    $picture = $own ?? $good?->picture;
    $focus = [
        'point' => $picture?->focus(),
        'left' => '12% 50%',
        'middle' => '50% 50%',
        'right' => '88% 50%',
        'top' => '50% 12%',
        'foot' => '50% 88%',
    ][$settings['focus']];
@endphp
<section
    class="hero hero-{{ $settings['height'] }} room-{{ $settings['room'] }}
        tone-{{ $settings['tone'] }}{{ $picture ? ($own ? '' : ' of-good') : ' bare' }}"{!! WindowStall\Window\Pages\HeroVeil::style($look,
        $picture) !!}>
<div class="hero-words">
@if ($settings['words'] !== '')<h1>@include('shop::fitted', ['words' => $settings['words']])</h1>@endif
@if ($settings['under'] !== '')<p{!! $edit('under') !!}>{{ $settings['under'] }}</p>@endif
@if ($href && $settings['button'] !== '')
<p class="ways"><a class="button"
    href="{{ $href }}"{!! $edit('button') !!}>{{ $settings['button'] }}</a>@if ($secondHref && $settings['second'] !== '')
    <a class="second" href="{{ $secondHref }}">{{ $settings['second'] }}</a>@endif</p>
@endif
</div>
@if ($picture)
<figure class="hero-picture" style="--focus:{{ $focus }}">
@include('shop::picture', ['picture' => $picture, 'alt' => $picture->alt ?? $good?->title ?? '',
    'sizes' => WindowStall\Window\Pages\PictureSpace::hero($look->plan->build, ofGood: ! $own),
    'eager' => $first])
@if (! $own && $good)<figcaption>{{ $good->title }}</figcaption>@endif</figure>
@endif
</section>
