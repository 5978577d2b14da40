@foreach ($good->sets() as $set)
<form method="post" action="/basket/set" class="set"><h2{!! $edit('heading') !!}>{{ $settings['heading'] ?: $say('shop.sets.heading') }}</h2>
@include('shop::seen-from')
<input type="hidden" name="set" value="{{ $set->id }}">
<ul>
@foreach ($set->goods as $card)
<li>@if ($card->picture)<a href="{{ $card->url }}" tabindex="-1" aria-hidden="true">@include('shop::picture', ['picture' => $card->picture,
    'alt' => '', 'sizes' => '96px', 'eager' => false])</a>@endif
<span><a href="{{ $card->url }}">{{ $card->title }}</a>@if (isset($set->choices[$card->id]))<label class="sr"
    for="set-{{ $set->id }}-{{ $card->id }}">{{ $say('shop.sets.which', title: $card->title) }}</label>
<select id="set-{{ $set->id }}-{{ $card->id }}" name="variant[{{ $card->id }}]">
@foreach ($set->choices[$card->id] as $variant => $chosen)<option value="{{ $variant }}"
    @selected($variant === $good->chosen?->row->id)>{{ $chosen }}</option>@endforeach
</select>@endif</span></li>
@endforeach
</ul>
<p class="set-price"><b>{{ WindowStall\Support\Views\MoneyView::text($set->price) }}</b> <small>{{ $say('shop.sets.apart', apart: $set->apart,
    saves: $set->saves()) }}</small></p>
<p><button type="submit" class="button plain wide">{{ $say('shop.sets.put') }}</button></p>
</form>
@endforeach
