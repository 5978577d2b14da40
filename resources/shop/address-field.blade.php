@php([$name, $auto] = match ($field->value) {
    'N' => ['name', 'name'],
    'A' => ['street', 'address-line1'],
    'C' => ['town', 'address-level2'],
    'S' => ['part', 'address-level1'],
    'Z' => ['postcode', 'postal-code'],
})
@php($label = $say('till.checkout.'.match (true) {
    $name === 'part' => $form->country === 'CA' ? 'province' : 'state',
    default => $name,
}))
@php($wrong = $form->errors[$name] ?? null)
<div class="field {{ $name }}"><label for="{{ $name }}">{{ $label }}</label>
@if ($name === 'part')<select id="part" name="part" autocomplete="{{ $auto }}" required data-where
    @if ($wrong) aria-invalid="true" aria-describedby="part-error" @endif><option value="">{{ $say('till.checkout.choose') }}</option>
@foreach ($form->form->partNames as $code => $part)<option value="{{ $code }}" @selected($code === ($form->typed['part'] ?? ''))>{{
    $part }}</option>@endforeach</select>@else<input id="{{ $name }}" name="{{ $name }}" type="text"
    autocomplete="{{ $auto }}" value="{{ $form->typed[$name] ?? '' }}" required
    @if ($name === 'postcode') data-where autocapitalize="characters" @endif
    @if ($wrong) aria-invalid="true" aria-describedby="{{ $name }}-error" @endif>@endif
@if ($wrong)<p class="field-error" id="{{ $name }}-error">{{ $wrong }}</p>@endif</div>
