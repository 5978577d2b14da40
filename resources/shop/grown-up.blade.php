<i id="of-age"></i>
<section class="grown-up" aria-labelledby="grown-up-heading">
<h1 id="grown-up-heading">{{ $say('shop.grown_up.heading', age: (string) $age) }}</h1>
<p>{{ $say('shop.grown_up.about', name: $good->title) }}</p>
<form method="post" action="/grown-up">
@include('shop::seen-from')
<input type="hidden" name="back" value="{{ $stall->seen()->path($path) }}">
<button class="button">{{ $say('shop.grown_up.yes', age: (string) $age) }}</button> <a href="/">{{ $say('shop.back') }}</a>
</form>
</section>
