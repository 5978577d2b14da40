@extends('shop::layout')
@php($text = WindowStall\Support\Views\MoneyView::text(...))
@php($date = WindowStall\Support\Speech\Spoken::date(...))
@php($country = WindowStall\Support\Speech\Spoken::country(...))
@php($way = $basket->delivery->way)
@section('main')
<div class="narrow" data-checkout>
<h1>{{ $say('till.checkout.heading') }}</h1>
@if ($trouble)<p class="trouble" role="alert">{{ $trouble }}</p>@endif
@foreach ($basket->moved as $m)<p class="moved">{{ $m }}</p>@endforeach
@if ($express)<form method="post" action="/checkout/express" class="express"><button type="submit" class="button plain wide">{{
    $say('till.express.button') }}</button></form>@endif
<form method="post" action="/checkout" class="address">
@if (($form->typed['wallet'] ?? '') !== '')<input type="hidden" name="wallet" value="{{ $form->typed['wallet'] }}">@endif
<input type="hidden" name="total" value="{{ $basket->totals->total->minor }}">
<input type="hidden" name="cards" value="{{ $cards->paid()->minor }}">
<input type="hidden" name="currency" value="{{ $basket->market->currency->code }}">
<div class="label">
@if ($way)<p class="stamp" data-stamp><span>{{ $say('till.checkout.by') }}</span> <b>{{
    $date($way->latest(), 'dates.stamp_day') }}</b> <span>{{ $date($way->latest(), 'dates.stamp_month') }}</span> <span>{{
    $basket->totals->delivery->minor === 0 ? $say('till.sums.free') : $text($basket->totals->delivery) }}</span></p>@endif
@foreach ($form->form->fields as $field)@include('shop::address-field')@endforeach
<div class="field country"><label for="country">{{ $say('till.checkout.country') }}</label>
@if (count($form->countries) > 1)<select id="country" name="country" autocomplete="country"
    data-where>@foreach ($form->countries as $code)<option value="{{ $code }}" @selected($code === $form->country)>{{
    $country($code) }}</option>@endforeach</select>@else<input type="hidden" name="country"
    value="{{ $form->country }}"><span class="only">{{ $country($form->country) }}</span>@endif</div>
</div>
<div class="field">
<label for="email">{{ $say('till.checkout.email') }}</label><input id="email" name="email" type="email" autocomplete="email"
    value="{{ $form->typed['email'] ?? '' }}" required
    @if (isset($form->errors['email'])) aria-invalid="true" aria-describedby="email-error" @endif>
@if (isset($form->errors['email']))<p class="field-error" id="email-error">{{ $form->errors['email'] }}</p>@endif</div>
@if ($way?->way->phone)<div class="field">
<label for="phone">{{ $say('till.checkout.phone') }}</label><input id="phone" name="phone" type="tel" autocomplete="tel"
    value="{{ $form->typed['phone'] ?? '' }}" required
    @if (isset($form->errors['phone'])) aria-invalid="true" aria-describedby="phone-error" @endif>
@if (isset($form->errors['phone']))<p class="field-error" id="phone-error">{{ $form->errors['phone'] }}</p>@endif</div>@endif
@if ($form->business)<details class="business"@if (($form->typed['tax_number'] ?? '') !== '') open @endif><summary>{{
    $say('till.checkout.business') }}</summary>
@foreach (['company' => 'organization', 'tax_number' => 'off'] as $field => $auto)
<div class="field"><label for="{{ $field }}">{{ $say('till.checkout.'.$field) }}</label><input id="{{ $field }}" name="{{ $field }}" type="text"
    autocomplete="{{ $auto }}" value="{{ $form->typed[$field] ?? '' }}" @if ($field === 'tax_number')data-where @endif
    @if (isset($form->errors[$field])) aria-invalid="true" aria-describedby="{{ $field }}-error" @endif>
@if (isset($form->errors[$field]))<p class="field-error" id="{{ $field }}-error">{{ $form->errors[$field] }}</p>@endif</div>
@endforeach
</details>@endif
@if (count($form->countries) > 1)<p class="look"><button type="submit" name="look" value="1" class="small" formnovalidate
    data-look>{{ $say('till.checkout.look') }}</button></p>@endif
@php($age = $basket->fromAge())
@if (! WindowStall\Shop\GrownUp::is(request(), $age))<p class="consent"><label><input type="checkbox" name="grown_up" value="{{ $age
    }}" required> {{ $say('till.grown_up.am', age: (string) $age) }}</label></p>@endif
<p class="consent"><label><input type="checkbox" name="news" value="1" @checked($form->news)> {{
    $say('till.checkout.consent') }}</label></p>
@if ($basket->isPosted())<h2>{{ $say('till.checkout.how') }}</h2>@endif
@if (count($basket->delivery->ways) > 1)<fieldset class="ways"><legend class="sr">{{
    $say('till.checkout.ways') }}</legend>
@foreach ($basket->delivery->ways as $one)<label><input type="radio" name="way" value="{{ $one->at }}" data-where
    @checked($one === $way)><span><b>{{ WindowStall\Support\Speech\Spoken::between($one->earliest(), $one->latest())
    }}</b> {{ $stall->phrases()->say($one->way->name) }}</span><span class="amount">{{
    $basket->delivery->chargeBy($one)->minor === 0 ? $say('till.sums.free')
    : $text($basket->delivery->chargeBy($one)) }}</span></label>@endforeach</fieldset>@endif
@include('shop::parcels')
<ul class="lines slim">
@foreach ($basket->entries as $entry)
<li class="line"><span>{{ $entry->quantity }} × {{ $entry->name() }}</span><span
    class="amount">{{ $text($entry->total()) }}</span></li>
@endforeach</ul>
@include('shop::totals')
@if ($cards->pays !== [])<dl class="totals">
@foreach ($cards->pays as $card => $minor)<div><dt>{{ $say('till.cards.pays', end: $cards->ends[$card]) }}</dt>
<dd>{{ $text($basket->market->money(-$minor)) }}</dd></div>
@endforeach
<div class="sum"><dt>{{ $say('till.cards.left') }}</dt><dd data-left>{{ $text($cards->left()) }}</dd></div></dl>@endif
@include('shop::code-notes')
<details class="code"><summary>{{ $say('till.codes.have') }}</summary><label class="sr" for="code">{{
    $say('till.codes.code') }}</label><input id="code" name="code"
    type="text" autocapitalize="characters" autocomplete="off"> <button type="submit" name="use" value="1" class="small"
    formnovalidate>{{ $say('till.codes.use') }}</button></details>
@if (count($methods) > 1)<h2>{{ $say('till.checkout.pay_by') }}</h2><fieldset class="ways methods" data-methods><legend
    class="sr">{{ $say('till.checkout.pay_by') }}</legend>
@foreach ($methods as $method)<label><input type="radio" name="by" value="{{ $method->value }}"
    @checked($method === ($form->by ?? $methods[0]))><span><b>{{ $say('till.methods.'.$method->value.'.words') }}</b> {{
    $say('till.methods.'.$method->value.'.means') }}</span></label>
@endforeach</fieldset>@endif
<button type="submit" class="button wide" id="to-pay" data-pay>{{ $cards->left()->minor === 0
    ? $say('till.cards.order') : $say('till.checkout.pay', total: $cards->left()) }}</button>
@if (! $live)<p class="quiet">{{ $say('till.checkout.tried_out') }}</p>@endif
@if ($policies !== [])<p class="quiet">{{ $say('till.checkout.terms') }} @foreach ($policies as $kind => $version)<a
    href="/policies/{{ $kind }}">{{ $say('shop.policies.'.$kind) }}</a>@if (! $loop->last), @endif @endforeach</p>@endif
</form>
</div>
<p class="sr" role="status" data-said="{{ $say('till.total_now', total: '%s') }}"></p>
@endsection
