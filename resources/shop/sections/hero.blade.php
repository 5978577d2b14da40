<section class="hero hero-{{ $settings['height'] }} tone-{{ $settings['tone'] }}">
<div class="hero-words">
<h1>{{ $settings['words'] }}</h1>
@if ($settings['under'] !== '')<p>{{ $settings['under'] }}</p>@endif
@if ($good && $settings['button'] !== '')<a class="button" href="{{ $good->url }}">{{ $settings['button'] }}</a>@endif
</div>
@if ($good?->picture)<a class="hero-picture" href="{{ $good->url }}" tabindex="-1" aria-hidden="true">@include('shop::picture', ['picture' => $good->picture, 'alt' => '', 'sizes' => '(min-width: 860px) 560px, 60vw', 'eager' => true])</a>@endif
</section>
