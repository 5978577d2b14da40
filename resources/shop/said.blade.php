@extends('shop::layout')
@section('main')
<div class="narrow said-form">
<h1>{{ $say('shop.said.heading') }}</h1>
@if ($thanks)<p role="status">{{ $say('shop.said.thanks') }}</p>@endif
@if ($trouble !== '')<p class="trouble" role="alert">{{ $say('shop.said.trouble.'.$trouble, most: $most) }}</p>@endif
@if ($goods === [])<p>{{ $say('shop.said.all') }}</p>
@else<p class="quiet">{{ $say('shop.said.about', shop: $stall->name) }}</p>@endif
@foreach ($goods as $good)
<form method="post" action="/orders/{{ $order->token }}/said" enctype="multipart/form-data" class="address said-of">
<input type="hidden" name="listing" value="{{ $good->id }}">
<div class="said-good">@if ($good->picture)@include('shop::picture', ['picture' => $good->picture, 'alt' => '', 'sizes' => '84px',
    'eager' => $loop->first])@endif <h2>{{ $good->title }}</h2></div>
<fieldset class="stars"><legend>{{ $say('shop.said.stars') }}</legend>
@foreach ([1, 2, 3, 4, 5] as $n)<label><input type="radio" name="stars" value="{{ $n }}" required><span aria-hidden="true">★</span><span
    class="sr">{{ $say('shop.said.of_five', stars: $n) }}</span></label>
@endforeach
</fieldset>
<div class="field"><label for="words{{ $good->id }}">{{ $say('shop.said.words') }}</label><textarea id="words{{ $good->id }}" name="words"
    rows="4" maxlength="2000"></textarea></div>
<div class="field"><label for="pictures{{ $good->id }}">{{ $say('shop.said.pictures', most: $most) }}</label><input
    id="pictures{{ $good->id }}" name="pictures[]" type="file" accept="image/*" multiple></div>
<label class="tick"><input type="checkbox" name="may_show" value="1"> {{ $say('shop.said.may_show') }}</label>
<div class="field"><label for="name{{ $good->id }}">{{ $say('shop.said.name') }}</label><input id="name{{ $good->id }}" name="name"
    type="text" maxlength="60" value="{{ strtok($order->name, ' ') }}"></div>
<label class="tick"><input type="checkbox" name="show_name" value="1"> {{ $say('shop.said.show_name') }}</label>
<p><button type="submit" class="button">{{ $say('shop.said.send') }}</button></p>
</form>
@endforeach
<p class="quiet"><a href="/orders/{{ $order->token }}">{{ $say('shop.said.order') }}</a></p>
</div>
@endsection
