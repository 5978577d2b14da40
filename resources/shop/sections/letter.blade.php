@php($mine = static fn (string $field): string => $section->id.'-'.$field)
<section class="letter">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
<form method="post" action="/letters" class="address">
<input type="hidden" name="made" value="{{ WindowStall\Shop\LetterSeal::now() }}">
@foreach (['name' => ['Your name', 'text', 'name', 120], 'email' => ['Your e-mail', 'email', 'email', 200]]
    as $field => [$label, $type, $auto, $most])
<div class="field"><label for="{{ $mine($field) }}">{{ $label }}</label><input id="{{ $mine($field) }}"
    name="{{ $field }}" type="{{ $type }}" autocomplete="{{ $auto }}" maxlength="{{ $most }}" required></div>
@endforeach
<div class="field"><label for="{{ $mine('order') }}">The number of your order, if it is about one</label><input
    id="{{ $mine('order') }}" name="order" inputmode="numeric" maxlength="20"></div>
<div class="field"><label for="{{ $mine('words') }}">What you want to say</label><textarea id="{{ $mine('words') }}"
    name="words" rows="6" maxlength="4000" required></textarea></div>
<div class="elsewhere" aria-hidden="true"><label for="{{ $mine('website') }}">Leave this empty</label><input
    id="{{ $mine('website') }}" name="website" tabindex="-1" autocomplete="off"></div>
<button type="submit" class="button wide"{!! $edit('button') !!}>{{ $settings['button'] ?: 'Send it' }}</button>
</form>
</section>
