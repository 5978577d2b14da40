<section class="row">
@if ($settings['heading'] !== '')<h2>{{ $settings['heading'] }}</h2>@endif
@if ($goods === [])<p class="quiet">The stall is being laid out. Come back soon.</p>@else
<ul class="goods">
@foreach ($goods as $good)
<li class="good"><a href="{{ $good->url }}"><span class="frame">@if ($good->picture)@include('shop::picture', ['picture' => $good->picture, 'alt' => '', 'sizes' => '(min-width: 860px) 270px, 45vw', 'eager' => false])@endif</span>
<span class="good-title">{{ $good->title }}</span> <span class="good-price">@if ($good->soldOut)Sold out @else @if ($good->varied)from @endif{{ $good->price }}@if ($good->was !== '') <s class="was">{{ $good->was }}</s>@endif @endif</span></a></li>
@endforeach
</ul>@endif
</section>
