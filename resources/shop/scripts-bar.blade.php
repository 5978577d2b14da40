{{-- Asks before anything of others is loaded; where the market's law only wants it told, the link alone is there. --}}
<p class="scripts-link"><a href="/runs-beside">{{ $say('shop.scripts.heading') }}</a></p>
<section class="scripts-bar" aria-label="{{ $say('shop.scripts.heading') }}" data-scripts="{{ $scripts->list }}"
    data-rule="{{ $scripts->rule->value }}" data-country="{{ $stall->seen()->country }}" hidden>
<p>{{ $say('shop.scripts.about', shop: $look->wordmark) }} @foreach ($scripts->all as $one){{ $say('shop.scripts.from', name: $one['name'],
    purpose: $say('shop.scripts.'.$one['purpose']), hosts: implode(', ', $one['hosts'])) }}. @endforeach</p>
<form method="post" action="/runs-beside" class="scripts-said">
@include('shop::spoken')
<button class="button plain" name="said" value="yes">{{ $say('shop.scripts.yes') }}</button>
<button class="button plain" name="said" value="no">{{ $say('shop.scripts.no') }}</button>
</form>
</section>
