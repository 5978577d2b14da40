<section class="questions asked"><h2{!! $edit('heading') !!}>{{ $settings['heading'] ?: $say('shop.asked.heading') }}</h2>
@foreach ($good->asked() as $one)
<details><summary>{{ $one->words }}</summary>{!! WindowStall\Window\Pages\Paragraphs::html((string) $one->answer) !!}</details>
@endforeach
<details class="ask"><summary>{{ $say('shop.asked.ask') }}</summary>
<form method="post" action="/ask">
@include('shop::spoken')
<input type="hidden" name="listing" value="{{ $good->figures->listing->id }}">
<p class="field"><label for="ask-words">{{ $say('shop.asked.words') }}</label>
<textarea id="ask-words" name="question" rows="3" required maxlength="500"></textarea></p>
<p class="field"><label for="ask-email">{{ $say('shop.asked.email') }}</label>
<input id="ask-email" type="email" name="email" required maxlength="200" autocomplete="email"></p>
<p class="consent"><label><input type="checkbox" name="may_show" value="1"> <span>{{ $say('shop.asked.may_show') }}</span></label></p>
<p><button type="submit" class="button">{{ $say('shop.asked.send') }}</button></p>
</form></details>
</section>
