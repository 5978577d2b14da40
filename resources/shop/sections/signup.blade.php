<section class="signup tone-{{ $settings['tone'] }}">
<form method="post" action="/sign-up">
@include('shop::spoken')
<input type="hidden" name="section" value="{{ $section->id }}">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
@if ($settings['words'] !== '')<p{!! $edit('words') !!}>{{ $settings['words'] }}</p>@endif
<p class="signup-line"><label class="sr" for="{{ $section->id }}-email">{{ $say('shop.sign_up.email') }}</label><input
    id="{{ $section->id }}-email" type="email" name="email" required maxlength="200" autocomplete="email"
    placeholder="{{ $say('shop.sign_up.example') }}"> <button type="submit" class="button">{{ $settings['button'] }}</button></p>
<p class="consent"><label><input type="checkbox" name="agreed" value="1" required>
    <span{!! $edit('consent') !!}>{{ $settings['consent'] }}</span></label></p>
</form>
</section>
