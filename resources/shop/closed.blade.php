@extends('shop::layout')
@push('head')
<meta name="robots" content="noindex">
@endpush
@section('main')
<div class="narrow closed">
@if ($look->logo !== null)
<img src="{{ WindowStall\Support\Pictures\PictureSizes::url($look->logo['path'], 280) }}" alt=""
    width="{{ $look->logo['width'] }}" height="{{ $look->logo['height'] }}">
@endif
<h1>{{ $look->wordmark }}</h1>
<p>{{ $say($stall->opened_at === null ? 'shop.closed.not_yet' : 'shop.closed.for_a_while') }}</p>
@if ($stall->opens_at?->isFuture())<p class="opens">{{ $say('shop.closed.opens',
    moment: WindowStall\Support\Speech\Spoken::date($stall->opens_at->toImmutable()->setTimezone($stall->zone), 'dates.day'),
    hour: $stall->opens_at->toImmutable()->setTimezone($stall->zone)->format('H:i')) }}</p>@endif
<form method="post" action="/sign-up">
@include('shop::spoken')
<input type="hidden" name="section" value="closed">
<p class="signup-line"><label class="sr" for="closed-email">{{ $say('shop.sign_up.email') }}</label><input id="closed-email" type="email"
    name="email" required maxlength="200" autocomplete="email" placeholder="{{ $say('shop.sign_up.example') }}"> <button
    type="submit" class="button">{{ $say('shop.closed.tell') }}</button></p>
<p class="consent"><label><input type="checkbox" name="agreed" value="1" required> {{ $say('shop.closed.consent') }}</label></p>
</form>
@if ($onlookers)<details class="look-in"><summary>{{ $say('shop.closed.have_code') }}</summary>
<form method="post" action="/look-in">
@include('shop::spoken')
<p class="signup-line"><label class="sr" for="look-in">{{ $say('shop.closed.code') }}</label><input id="look-in" name="code" required
    maxlength="60" autocomplete="off" autocapitalize="characters"> <button type="submit"
    class="button plain">{{ $say('shop.closed.look_in') }}</button></p>
</form></details>@endif
</div>
@endsection
