@php($mine = static fn (string $field): string => $section->id.'-'.$field)
<section class="letter">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
<form method="post" action="/letters" class="address">
@include('shop::spoken')
<input type="hidden" name="made" value="{{ WindowStall\Shop\LetterSeal::now() }}">
@foreach (['name' => ['text', 'name', 120], 'email' => ['email', 'email', 200]]
    as $field => [$type, $auto, $most])
<div class="field"><label for="{{ $mine($field) }}">{{ $say('shop.letters.'.$field) }}</label><input id="{{ $mine($field) }}"
    name="{{ $field }}" type="{{ $type }}" autocomplete="{{ $auto }}" maxlength="{{ $most }}" required></div>
@endforeach
<div class="field"><label for="{{ $mine('order') }}">{{ $say('shop.letters.order') }}</label><input
    id="{{ $mine('order') }}" name="order" inputmode="numeric" maxlength="20"></div>
<div class="field"><label for="{{ $mine('words') }}">{{ $say('shop.letters.words') }}</label><textarea id="{{ $mine('words') }}"
    name="words" rows="6" maxlength="4000" required></textarea></div>
<div class="elsewhere" aria-hidden="true"><label for="{{ $mine('website') }}">{{ $say('shop.letters.empty') }}</label><input
    id="{{ $mine('website') }}" name="website" tabindex="-1" autocomplete="off"></div>
<button type="submit" class="button wide"{!! $edit('button') !!}>{{ $settings['button'] ?: $say('shop.letters.send') }}</button>
</form>
</section>
