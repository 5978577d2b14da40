@extends('shop::layout')
@php($text = WindowStall\Support\Views\MoneyView::text(...))
@php($country = WindowStall\Stall\Stall::countryName(...))
@php($way = $basket->delivery->way)
@section('main')
<div class="narrow" data-checkout>
<h1>Where to?</h1>
@if ($trouble)<p class="trouble" role="alert">{{ $trouble }}</p>@endif
@foreach ($basket->moved as $m)<p class="moved">{{ $m }}</p>@endforeach
<form method="post" action="/checkout" class="address">
<input type="hidden" name="total" value="{{ $basket->totals->total->minor }}">
<input type="hidden" name="currency" value="{{ $basket->market->currency->code }}">
<div class="label">
@if ($way)<p class="stamp" data-stamp><span>by</span> <b>{{ $way->latest()->format('D j') }}</b> <span>{{
    $way->latest()->format('M') }}</span> <span>{{ $basket->totals->delivery->minor === 0 ? 'free' : $text($basket->totals->delivery) }}</span></p>@endif
@foreach ($form->form->fields as $field)@include('shop::address-field')@endforeach
<div class="field country"><label for="country">Country</label>
@if (count($form->countries) > 1)<select id="country" name="country" autocomplete="country"
    data-where>@foreach ($form->countries as $code)<option value="{{ $code }}" @selected($code === $form->country)>{{
    $country($code) }}</option>@endforeach</select>@else<input type="hidden" name="country"
    value="{{ $form->country }}"><span class="only">{{ $country($form->country) }}</span>@endif</div>
</div>
<div class="field">
<label for="email">E-mail, for the parcel’s news</label><input id="email" name="email" type="email" autocomplete="email"
    value="{{ $form->typed['email'] ?? '' }}" required
    @if (isset($form->errors['email'])) aria-invalid="true" aria-describedby="email-error" @endif>
@if (isset($form->errors['email']))<p class="field-error" id="email-error">{{ $form->errors['email'] }}</p>@endif</div>
@if ($form->business)<details class="business"@if (($form->typed['tax_number'] ?? '') !== '') open @endif><summary>I buy for a business</summary>
@foreach (['company' => ['Business', 'organization'], 'tax_number' => ['Its VAT number', 'off']] as $field => [$label, $auto])
<div class="field"><label for="{{ $field }}">{{ $label }}</label><input id="{{ $field }}" name="{{ $field }}" type="text"
    autocomplete="{{ $auto }}" value="{{ $form->typed[$field] ?? '' }}" @if ($field === 'tax_number')data-where @endif
    @if (isset($form->errors[$field])) aria-invalid="true" aria-describedby="{{ $field }}-error" @endif>
@if (isset($form->errors[$field]))<p class="field-error" id="{{ $field }}-error">{{ $form->errors[$field] }}</p>@endif</div>
@endforeach
</details>@endif
@if (count($form->countries) > 1)<p class="look"><button type="submit" name="look" value="1" class="small" formnovalidate
    data-look>Show what it costs there</button></p>@endif
<p class="consent"><label><input type="checkbox" name="news" value="1" @checked($form->news)> {{
    WindowStall\Counter\CheckoutForm::CONSENT }}</label></p>
<h2>How it comes</h2>
@if (count($basket->delivery->ways) > 1)<fieldset class="ways"><legend class="sr">Ways</legend>
@foreach ($basket->delivery->ways as $one)<label><input type="radio" name="way" value="{{ $one->at }}" data-where
    @checked($one === $way)><span><b>{{ WindowStall\Core\Delivery\ArrivalDates::between($one->earliest(), $one->latest())
    }}</b> {{ $one->way->name }}</span><span class="amount">{{ $basket->delivery->chargeBy($one)->minor === 0 ? 'free'
    : $text($basket->delivery->chargeBy($one)) }}</span></label>@endforeach</fieldset>@endif
@include('shop::parcels')
<ul class="lines slim">
@foreach ($basket->entries as $entry)
<li class="line"><span>{{ $entry->quantity }} × {{ $entry->name() }}</span><span
    class="amount">{{ $text($entry->total()) }}</span></li>
@endforeach</ul>
@include('shop::totals')
@include('shop::code-notes')
<details class="code"><summary>I have a code</summary><label class="sr" for="code">Code</label><input id="code" name="code"
    type="text" autocapitalize="characters" autocomplete="off"> <button type="submit" name="use" value="1" class="small"
    formnovalidate>Use it</button></details>
@if (count($methods) > 1)<h2>How you pay</h2><fieldset class="ways methods" data-methods><legend
    class="sr">How you pay</legend>
@foreach ($methods as $method)<label><input type="radio" name="by" value="{{ $method->value }}"
    @checked($method === ($form->by ?? $methods[0]))><span><b>{{ $method->words() }}</b> {{ $method->means() }}</span></label>
@endforeach</fieldset>@endif
<button type="submit" class="button wide" id="to-pay" data-pay>Go on to pay {{ $text($basket->totals->total) }}</button>
@if (! $live)<p class="quiet">Payments are only tried out here: no money moves.</p>@endif
@if ($policies !== [])<p class="quiet">You buy under these terms: @foreach ($policies as $kind => $version)<a
    href="/policies/{{ $kind }}">{{ $version->kind->heading() }}</a>@if (! $loop->last), @endif @endforeach</p>@endif
</form>
</div>
<p class="sr" role="status" data-said></p>
@endsection
