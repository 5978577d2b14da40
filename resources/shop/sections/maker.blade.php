<section class="maker">
@if ($own)<figure>@include('shop::picture', ['picture' => $own, 'alt' => $own->alt ?? '',
    'sizes' => '(min-width: 860px) 200px, 40vw', 'eager' => false])</figure>@endif
<div><h2{!! $edit('heading') !!}>{{ $settings['heading'] ?: $say('shop.making.heading') }}</h2>
@if (($known = $good?->making() ?? '') !== '')<p>{{ $known }}</p>@endif
@if ($settings['words'] !== '')<div{!! $edit('words') !!}>{!! WindowStall\Window\Pages\Paragraphs::html($settings['words']) !!}</div>@endif
</div></section>
