<form method="post" action="/letters" class="address letter">
<input type="hidden" name="made" value="{{ $made }}">
@foreach (['name' => ['Your name', 'text', 'name', 120], 'email' => ['Your e-mail', 'email', 'email', 200]]
    as $field => [$label, $type, $auto, $most])
<div class="field"><label for="{{ $field }}">{{ $label }}</label><input id="{{ $field }}" name="{{ $field }}"
    type="{{ $type }}" autocomplete="{{ $auto }}" maxlength="{{ $most }}" required></div>
@endforeach
<div class="field"><label for="order">The number of your order, if it is about one</label><input id="order" name="order"
    inputmode="numeric" maxlength="20"></div>
<div class="field"><label for="words">What you want to say</label><textarea id="words" name="words" rows="6"
    maxlength="4000" required></textarea></div>
<div class="elsewhere" aria-hidden="true"><label for="website">Leave this empty</label><input id="website" name="website"
    tabindex="-1" autocomplete="off"></div>
<button type="submit" class="button wide">Send it</button>
</form>
