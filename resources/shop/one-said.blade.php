<li class="one-said"><p class="stars-given"><span aria-hidden="true">{{ str_repeat('★', $said->stars) }}<i>{{
    str_repeat('★', 5 - $said->stars) }}</i></span><span class="sr">{{ $say('shop.said.of_five', stars: $said->stars) }}</span></p>
@if ($said->words !== '')<p>{{ $said->words }}</p>@endif
@if ($said->pictures !== [])<div class="said-pictures">@foreach ($said->pictures as $path)<img src="{{
    WindowStall\Support\Pictures\PictureSizes::url($path, 400, 'webp') }}" alt="{{ $say('shop.said.picture') }}" loading="lazy" width="120"
    height="120">@endforeach</div>@endif
<p class="quiet">{{ $said->name === '' ? $say('shop.said.somebody') : $said->name }} · {{ $said->source !== null
    ? $say('shop.said.from', source: $said->source)
    : $say('shop.said.when', bought: WindowStall\Support\Speech\Spoken::date($said->bought_at ?? $said->written_at),
        written: WindowStall\Support\Speech\Spoken::date($said->written_at)) }}</p>
@if ($said->answer !== null)<p class="said-answer"><b>{{ $stall->name }}:</b> {{ $said->answer }}</p>@endif
</li>
