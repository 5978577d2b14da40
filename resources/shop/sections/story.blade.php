@php($picture = $own ?? $good?->picture)
<section class="story tone-{{ $settings['tone'] }} side-{{ $settings['side'] }}{{ $picture ? '' : ' bare' }}">
@if ($picture)<figure class="story-picture">@include('shop::picture', ['picture' => $picture, 'alt' => $picture->alt
    ?? $good?->title ?? '', 'sizes' => '(min-width: 860px) 560px, 100vw', 'eager' => false])</figure>@endif
<div class="story-words">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
<div{!! $edit('words') !!}>{!! WindowStall\Window\Pages\Paragraphs::html($settings['words']) !!}</div>
@if ($href && $settings['button'] !== '')<p class="ways"><a class="button"
    href="{{ $href }}">{{ $settings['button'] }}</a></p>@endif
</div>
</section>
