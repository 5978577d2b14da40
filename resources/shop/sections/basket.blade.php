<div class="narrow" data-basket>
<h1>{{ $say('till.basket.heading') }}</h1>
@if ($trouble)<p class="trouble" role="alert">{{ $trouble }}</p>@endif
@if ($basket->entries === [])<p>{{ $say('till.basket.empty') }}</p><p><a class="button" href="/">{{ $say('shop.look_around') }}</a></p>
@else
@foreach ($basket->troubles as $t)<p class="trouble" role="alert">{{ $t }}</p>@endforeach
@foreach ($basket->moved as $m)<p class="moved">{{ $m }}</p>@endforeach
<ul class="lines">
@foreach ($basket->entries as $entry)
<li class="line"><a class="line-picture" href="{{ $entry->url }}" tabindex="-1"
    aria-hidden="true">@if ($entry->picture)@include('shop::picture', ['picture' => $entry->picture, 'alt' => '',
    'sizes' => '88px', 'eager' => false])@endif</a>
<div class="line-words">
<a href="{{ $entry->url }}">{{ $entry->title }}</a><span class="quiet">{{ $entry->chosen }}</span>
<form method="post" action="/basket/{{ $entry->id }}" class="line-form">
<input type="hidden" name="seen" value="{{ $entry->seenAs() }}">
<label class="sr" for="q{{ $entry->id }}">{{ $say('till.basket.how_many', name: $entry->name())
    }}</label><input id="q{{ $entry->id }}"
    type="number" name="quantity" min="1" max="99" value="{{ $entry->quantity }}" inputmode="numeric"><button type="submit"
    class="small" data-change>{{ $say('till.basket.change') }}</button><button type="submit" class="small" name="remove" value="1">{{
    $say('till.basket.take_out') }}</button></form>
</div>
<span class="amount">{{ WindowStall\Support\Views\MoneyView::text($entry->total()) }}</span></li>
@endforeach
</ul>
@if ($basket->troubles === [])@include('shop::parcels')@endif
@if ($basket->toFree)<p class="to-free">{{ $say('till.basket.to_free', amount: $basket->toFree) }}</p>@endif
@include('shop::totals')
@include('shop::code-notes')
@foreach ($basket->codes->used as $used)@if ($used['typed'] !== '')<form method="post" action="/basket/codes"
    class="code-out"><button type="submit" name="drop" value="{{ $used['typed'] }}" class="small">{{
    $say('till.codes.take_out', code: $used['typed']) }}</button></form>@endif @endforeach
@if ($settings['codes'] === 'asked')
<details class="code"><summary>{{ $say('till.codes.have') }}</summary><form method="post" action="/basket/codes"><label class="sr"
    for="code">{{ $say('till.codes.code') }}</label><input id="code" name="code" type="text" autocapitalize="characters" autocomplete="off"
    required> <button type="submit" class="small">{{ $say('till.codes.use') }}</button></form></details>
@endif
@if ($settings['along'] === 'offered')<form method="post" action="/basket/link" class="code-out"><button type="submit" class="small">{{
    $say('till.basket.take_along') }}</button></form>@endif
@php($countries = WindowStall\Stall\Terms\Places::countries($stall))
@if (count($countries) > 1)<form method="post" action="/basket/where" class="where"><label for="where">{{ $say('till.basket.goes_to') }}</label>
<select id="where" name="country" data-elsewhere>@foreach ($countries as $code)<option value="{{ $code }}"
    @selected($code === $basket->delivery->to->country)>{{ WindowStall\Support\Speech\Spoken::country($code)
    }}</option>@endforeach</select> <button type="submit" class="small" data-change>{{ $say('till.basket.show') }}</button></form>@endif
<p>@if ($basket->troubles === [])<a class="button wide" href="/checkout">{{ $say('till.basket.to_checkout') }}</a>@endif</p>
@if ($with !== null && $settings['with'] === 'offered')<aside class="goes-with" aria-label="{{ $say('till.basket.with') }}"><a href="{{ $with->url }}">
@if ($with->picture)@include('shop::picture', ['picture' => $with->picture, 'alt' => '', 'sizes' => '64px', 'eager' => false])@endif
<span><small>{{ $say('till.basket.with') }}</small> <b>{{ $with->title }}</b> {{ $with->price }}</span></a></aside>@endif
@endif
</div>
