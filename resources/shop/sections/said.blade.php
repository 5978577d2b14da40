<section class="row"><h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>
<ul class="all-said three-said">
@foreach ($said as $one)<li class="one-said"><p class="stars-given"><span aria-hidden="true">{{ str_repeat('★', $one->stars) }}<i>{{
    str_repeat('★', 5 - $one->stars) }}</i></span><span class="sr">{{ $say('shop.said.of_five', stars: $one->stars) }}</span></p>
<p>{{ $one->words }}</p>
<p class="quiet">{{ $one->name === '' ? $say('shop.said.somebody') : $one->name }} · <a href="/goods/{{ $one->listing->slug }}">{{
    $stall->phrases()->say($one->listing->shown_title) }}</a></p></li>
@endforeach
</ul></section>
