{{-- What shoppers may still do with an order themselves. --}}
@if (($told['move'] ?? null) === 'done')<p role="status" id="move">{{ $say('till.move.done') }}</p>@endif
@if (($told['move'] ?? null) === 'late')<p class="trouble" role="alert" id="move">{{ $say('till.move.late') }}</p>@endif
@if (($told['back'] ?? null) === 'nothing')<p class="trouble" role="alert" id="back">{{ $say('till.back.nothing') }}</p>@endif
@if ($returnable->pieces !== [])
<details class="own" @if (($told['back'] ?? null) === 'nothing') open @endif><summary>{{ $say('till.back.heading') }}</summary>
<form method="post" action="/orders/{{ $order->token }}/returns" enctype="multipart/form-data" class="address">
@if ($returnable->until !== null)<p class="quiet">{{ $say('till.back.until', date: WindowStall\Support\Speech\Spoken::date($returnable->until)) }}</p>@endif
@foreach ($returnable->lines($order) as ['line' => $line, 'most' => $most])
<div class="field"><label for="back{{ $line->id }}">{{ $say('till.back.pieces', goods: $line->nameIn($stall)) }}</label><input
    id="back{{ $line->id }}" name="pieces[{{ $line->id }}]" type="number" min="0" max="{{ $most }}" value="{{
    count($returnable->pieces) === 1 && $most === 1 ? 1 : 0 }}" inputmode="numeric"></div>
@endforeach
@foreach ($instead as $id => $choices)
<div class="field"><label for="instead{{ $id }}">{{ $say('till.back.instead', goods: $order->lines->firstWhere('id', $id)->nameIn($stall))
    }}</label><select id="instead{{ $id }}" name="instead[{{ $id }}]"><option value="">{{ $say('till.back.money') }}</option>
@foreach ($choices as $variant => $name)<option value="{{ $variant }}">{{ $name === ''
    ? $order->lines->firstWhere('id', $id)->nameIn($stall) : $name }}</option>@endforeach</select></div>
@endforeach
<div class="field"><label for="why">{{ $say('till.back.why') }}</label><select id="why" name="why">
@foreach (WindowStall\Core\Dispatch\Returns\ReturnReason::cases() as $reason)<option value="{{ $reason->value }}">{{
    $say('till.back.'.$reason->value) }}</option>@endforeach</select></div>
<div class="field"><label for="words">{{ $say('till.back.words') }}</label><textarea id="words" name="words" rows="3" maxlength="1000"></textarea></div>
<div class="field"><label for="picture">{{ $say('till.back.picture') }}</label><input id="picture" name="picture" type="file" accept="image/*"></div>
<p><button type="submit" class="button">{{ $say('till.back.ask') }}</button></p>
</form></details>
@endif
@if ($movable)
<details class="own"><summary>{{ $say('till.move.heading') }}</summary>
<form method="post" action="/orders/{{ $order->token }}/address" class="address">
<p class="quiet">{{ $say('till.move.until') }}</p>
@foreach (['name', 'street', 'town', 'postcode'] as $field)
<div class="field"><label for="{{ $field }}">{{ $say('till.checkout.'.$field) }}</label><input id="{{ $field }}" name="{{ $field }}"
    type="text" value="{{ $order->{$field} }}" required></div>
@endforeach
<p><button type="submit" class="button">{{ $say('till.move.save') }}</button></p>
</form>
<form method="post" action="/orders/{{ $order->token }}/cancel"><p><button type="submit" class="small">{{ $say('till.move.cancel') }}</button></p></form>
</details>
@endif
<p class="quiet"><a href="/orders">{{ $say('till.mine.heading') }}</a></p>
