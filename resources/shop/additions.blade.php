<section class="additions" id="addition" aria-labelledby="addition-heading">
<h2 id="addition-heading">{{ $say('till.addition.heading') }}</h2>
<p class="quiet">{{ $say('till.addition.about', time: $additions->until->setTimezone(new DateTimeZone($stall->zone))->format('H:i'),
    method: mb_strtolower($say('till.methods.'.$order->pay_method.'.words'))) }}</p>
<ul>
@foreach ($additions->goods as $one)
<li>
@if ($one->picture)@include('shop::picture', ['picture' => $one->picture, 'alt' => '', 'sizes' => '96px', 'eager' => false])@endif
<form method="post" action="/orders/{{ $order->token }}/addition">
<p><a href="{{ $one->url }}">{{ $one->title }}</a>@if ($one->only() !== null && $one->only() !== '')<br>
<span class="quiet">{{ $one->only() }}</span>@endif</p>
@if ($one->only() !== null)<input type="hidden" name="variant" value="{{ array_key_first($one->variants) }}">
@else<select name="variant" aria-label="{{ $one->title }}">@foreach ($one->variants as $id => $words)<option value="{{ $id }}">{{
    $words }}</option>@endforeach</select>@endif
<button class="button plain">{{ $one->price === '' ? $say('till.addition.buy') : $say('till.addition.buy_for', price: $one->price)
    }}</button>
</form></li>
@endforeach
</ul>
</section>
