<form method="post" action="/back" class="back-wish">
@include('shop::spoken')
<input type="hidden" name="listing" value="{{ $good->figures->listing->id }}">
<p><label for="back-email">{{ $say('shop.waited.heading') }}</label></p>
<p class="signup-line"><input id="back-email" type="email" name="email" required maxlength="200" autocomplete="email"
    placeholder="{{ $say('shop.sign_up.example') }}"> <button type="submit" class="button">{{ $say('shop.waited.ask') }}</button></p>
<p class="consent"><label><input type="checkbox" name="agreed" value="1" required> <span>{{ $say('shop.waited.consent', shop: $stall->name)
    }}</span></label></p>
</form>
