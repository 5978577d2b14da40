<section class="files" aria-labelledby="cards-heading">
<h2 id="cards-heading">{{ $say('till.cards.heading') }}</h2>
<ul>
@foreach ($giftCards as $card)
<li><p><b class="card-code">{{ $card->code }}</b><br><span class="quiet">{{ $card->ended_at === null
    ? $say('till.cards.worth', amount: WindowStall\Core\Money\Money::of($card->value_minor, $card->currency))
    : $say('till.cards.ended') }}</span></p></li>
@endforeach
</ul>
<p class="quiet">{{ $say('till.cards.about') }}</p>
</section>
